import { useState } from 'react'
import { useTranslation } from 'react-i18next'
import type { Schemas } from '../api/client'
import { Formula } from '../ui/Formula'
import { equation } from './equation'
import classes from './Working.module.css'

type Step = Schemas['StepView']

interface WorkingProps {
  steps: Step[]
  /** Takes the thing a step is about in hand. */
  onInHand: (name: string) => void
}

const PHASES = ['together', 'fold', 'total-current', 'unfold', 'power'] as const

/** The worked solution: ordered steps, each with formula, numbers put in, and result. */
export function Working({ steps, onInHand }: WorkingProps) {
  const { t } = useTranslation()
  const [selected, setSelected] = useState('')
  const select = (step: Step) => {
    setSelected(step.text)
    onInHand(step.cell.subject)
  }
  return (
    <div>
      {PHASES.map((phase) => {
        const own = steps.filter((step) => step.phase === phase)
        if (own.length === 0) return null
        return (
          <section key={phase} aria-label={t(`phase.${phase}`)}>
            <h2 className={classes.phase}>{t(`phase.${phase}`)}</h2>
            <ol className={classes.steps}>
              {own.map((step) => (
                <li key={step.text}>
                  <button
                    type="button"
                    className={`${classes.step} ${step.text === selected ? classes.inHand : ''}`}
                    aria-pressed={step.text === selected}
                    onClick={() => select(step)}
                  >
                    <Formula markup={equation(step)} label={step.text} />{' '}
                    <span className={classes.reason}>{step.reason}</span>
                  </button>
                </li>
              ))}
            </ol>
          </section>
        )
      })}
    </div>
  )
}
