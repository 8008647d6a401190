import { useTranslation } from 'react-i18next'
import type { Schemas } from '../api/client'
import { Drawing } from '../ui/Drawing'
import paper from '../ui/Drawing.module.css'
import classes from './ClassStyle.module.css'

/** One small circuit as a style has it: drawn, worked, asked, and four answers marked. */
export function StyleSample({ sample }: { sample: Schemas['StyleSample'] }) {
  const { t } = useTranslation()
  return (
    <>
      <div className={`${classes.paper} ${paper.paper}`}>
        <Drawing scene={sample.scene} words={t('classStyle.sampleCircuit')} />
      </div>
      <h3 className={classes.head}>{t('classStyle.worked')}</h3>
      <ol className={classes.steps}>
        {sample.steps.map((step) => (
          <li key={step}>{step}</li>
        ))}
      </ol>
      <h3 className={classes.head}>{t('classStyle.marked')}</h3>
      <p className={classes.prompt}>{sample.prompts.join(' ')}</p>
      <ul className={classes.answers}>
        {sample.answers.map((answer) => (
          <li key={answer.typed}>
            <b>{answer.typed}</b>
            <span className={classes.points}>
              {t('classStyle.points', { points: answer.points, of: answer.of })}
            </span>
            <span className={classes.sentence}>{answer.sentence}</span>
          </li>
        ))}
      </ul>
    </>
  )
}
