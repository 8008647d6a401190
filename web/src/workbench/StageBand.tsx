import { Button } from '@mantine/core'
import { useEffect, useRef } from 'react'
import { useTranslation } from 'react-i18next'
import type { Schemas } from '../api/client'
import { announce } from '../ui/announce'
import { Formula } from '../ui/Formula'
import { equation } from './equation'
import classes from './StageBand.module.css'
import { told, type Direction } from './stages'
import type { Stages } from './useStages'

interface StageBandProps {
  stages: Stages
  stage: number
  direction: Direction
  onMove: (by: 1 | -1) => void
  /** Whether two parts are being picked to see whether they fold. */
  picking: boolean
  onPicking: (picking: boolean) => void
  /** What came of the pick. */
  pair?: Schemas['PairView']
}

/** What the stage in hand is and how it is worked, with the way to the next and back. */
export function StageBand({ stages, stage, direction, onMove, picking, onPicking, pair }: StageBandProps) {
  const { t } = useTranslation()
  const { title, members, reason, steps } = told(stages, stage, direction)
  const line = [t(`fold.told.${title}`, { members }), reason].filter(Boolean).join(' · ')
  // Said when one goes to another stage, and what is said of two that were picked; not for each change of the circuit.
  const was = useRef(stage)
  useEffect(() => {
    if (was.current !== stage) announce(line)
    was.current = stage
  }, [stage, line])
  const judged = picking ? pair?.sentence : undefined
  useEffect(() => {
    if (judged) announce(judged)
  }, [judged])
  return (
    <section className={classes.band} aria-label={t('fold.band')}>
      <Button
        variant="subtle"
        size="compact-sm"
        className={classes.way}
        disabled={stage === 0}
        onClick={() => onMove(-1)}
      >
        {t('fold.unfold')}
      </Button>
      <div className={classes.told} tabIndex={0} role="group" aria-label={t('fold.told.label')}>
        {picking ? (
          <p className={classes.line}>
            <span className={pair && pair.kind !== 'neither' ? classes.ok : undefined}>
              {pair?.sentence ?? t('fold.pick')}
            </span>
          </p>
        ) : (
          <p className={classes.line}>
            {t(`fold.told.${title}`, { members })}
            {reason && <span className={classes.reason}> · {reason}</span>}
          </p>
        )}
        {!picking && steps.length > 0 && (
          <ul className={classes.steps}>
            {steps.map((step) => (
              <li key={step.text} aria-label={step.text}>
                <span aria-hidden>
                  <Formula markup={equation(step)} />
                </span>
              </li>
            ))}
          </ul>
        )}
      </div>
      <Button
        variant={picking ? 'light' : 'subtle'}
        size="compact-sm"
        className={classes.way}
        aria-pressed={picking}
        onClick={() => onPicking(!picking)}
      >
        {t('fold.which')}
      </Button>
      <Button
        variant="subtle"
        size="compact-sm"
        className={classes.way}
        disabled={stage >= stages.length - 1}
        onClick={() => onMove(1)}
      >
        {t('fold.fold')}
      </Button>
    </section>
  )
}
