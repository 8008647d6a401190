import { useTranslation } from 'react-i18next'
import type { Schemas } from '../api/client'
import { CircuitWords } from '../ui/CircuitWords'
import { Drawing } from '../ui/Drawing'
import paper from '../ui/Drawing.module.css'
import { Formula } from '../ui/Formula'
import { StepButton } from '../ui/StepButton'
import classes from './AnswerSheet.module.css'
import { namesOnDrawing } from './currentNames'

/** Which drawing of a sheet: of a question, in one of its states. */
export interface Drawn {
  question: number
  state: number
}

export const FIRST_DRAWN: Drawn = { question: 0, state: 0 }

interface GivenCircuitProps {
  sheet: Schemas['SheetView']
  /** The share of boxes that are filled, 0 to 1. */
  progress: number
  drawn: Drawn
  onDrawn: (drawn: Drawn) => void
  /** What is written in the boxes: names of currents stand on the drawing as well. */
  texts?: Record<string, string>
}

/** The drawing of the task in hand and what is given in it; it stays in sight while the boxes scroll. */
export function GivenCircuit({ sheet, progress, drawn, onDrawn, texts = {} }: GivenCircuitProps) {
  const { t } = useTranslation()
  const question = sheet.questions[drawn.question]
  const state = question?.states[drawn.state]
  if (!question || !state) return null
  return (
    <div className={classes.circuit}>
      <States sheet={sheet} drawn={drawn} onDrawn={onDrawn} />
      {state.scene ? (
        <div className={`${classes.paper} ${paper.paper}`}>
          <Drawing
            scene={state.scene}
            words={t('drawing.described')}
            notes={namesOnDrawing(question, drawn.state, texts)}
          />
          <CircuitWords lines={state.wordList} />
        </div>
      ) : (
        <p className={classes.noDrawing}>{t('noDrawing')}</p>
      )}
      <div className={classes.progress} aria-hidden>
        <div style={{ width: `${Math.round(progress * 100)}%` }} />
      </div>
      {state.given.length > 0 && (
        <ul className={classes.given} aria-label={t('work.given')}>
          {state.given.map((one) => (
            <li key={`${one.cell.subject} ${one.cell.quantity}`}>
              <Formula markup={one.symbol} /> = {one.shown}
            </li>
          ))}
        </ul>
      )}
    </div>
  )
}

/** The ways to all drawings of the sheet, where there is more than one. */
function States({ sheet, drawn, onDrawn }: Omit<GivenCircuitProps, 'progress'>) {
  const { t } = useTranslation()
  const several = sheet.questions.length > 1
  const all = sheet.questions.flatMap(({ states }, question) =>
    states.map(({ act }, state) => ({ question, state, act })),
  )
  if (all.length < 2) return null
  return (
    <div role="group" aria-label={t('work.drawings')} className={classes.states}>
      {all.map(({ question, state, act }) => (
        <StepButton
          key={`${question} ${state}`}
          pressed={question === drawn.question && state === drawn.state}
          onPress={() => onDrawn({ question, state })}
        >
          {several && `${question + 1} `}
          {act ? act.replace(/\.$/, '') : t('work.asDrawn')}
        </StepButton>
      ))}
    </div>
  )
}
