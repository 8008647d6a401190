import { useTranslation } from 'react-i18next'
import type { Schemas } from '../api/client'
import { CircuitWords } from '../ui/CircuitWords'
import { Drawing } from '../ui/Drawing'
import paper from '../ui/Drawing.module.css'
import { Formula } from '../ui/Formula'
import classes from './AnswerSheet.module.css'

interface GivenCircuitProps {
  sheet: Schemas['SheetView']
  /** The share of boxes that are filled, 0 to 1. */
  progress: number
}

/** The drawing and what is given; it stays in sight while the boxes scroll. */
export function GivenCircuit({ sheet, progress }: GivenCircuitProps) {
  const { t } = useTranslation()
  return (
    <div className={classes.circuit}>
      <div className={`${classes.paper} ${paper.paper}`}>
        <Drawing scene={sheet.scene} words={t('drawing.described')} />
        <CircuitWords lines={sheet.wordList} />
      </div>
      <div className={classes.progress} aria-hidden>
        <div style={{ width: `${Math.round(progress * 100)}%` }} />
      </div>
      <ul className={classes.given} aria-label={t('work.given')}>
        {sheet.given.map((one) => (
          <li key={`${one.cell.subject} ${one.cell.quantity}`}>
            <Formula markup={one.symbol} /> = {one.shown}
          </li>
        ))}
      </ul>
    </div>
  )
}
