import { ActionIcon, Text } from '@mantine/core'
import { useTranslation } from 'react-i18next'
import type { Schemas } from '../api/client'
import { announce } from '../ui/announce'
import { StepButton } from '../ui/StepButton'
import { withoutStatesFrom, type Asking } from './asking'
import { NewState } from './NewState'
import classes from './StatesBar.module.css'
import type { CircuitStates } from './useCircuitStates'

export interface StatesBarProps {
  notation: string
  style?: string
  states: CircuitStates
  asking: Asking
  onAsking: (asking: Asking) => void
  /** What the circuit is made of. */
  things: Schemas['ThingView'][]
  inHand: string
}

/** The circuit's states as a row of steps: as drawn, and after each act on the one before. */
export function StatesBar(props: StatesBarProps) {
  const { states, asking, onAsking } = props
  const { t } = useTranslation()
  const last = asking.states.length
  return (
    <div className={classes.bar} role="group" aria-label={t('states.title')}>
      <StepButton pressed={states.state === 0} onPress={() => states.choose(0)}>
        {t('work.asDrawn')}
      </StepButton>
      {states.acts.map((act, place) => (
        // A state is told by its place: the next ones follow from it.
        <span key={place} className={classes.step}>
          <span aria-hidden>›</span>
          <StepButton pressed={states.state === place + 1} onPress={() => states.choose(place + 1)}>
            {act.replace(/\.$/, '')}
          </StepButton>
          {place + 1 === last && (
            <ActionIcon
              variant="subtle"
              color="gray"
              aria-label={t('states.remove', { act })}
              onClick={() => {
                announce(t('states.removed', { act }))
                onAsking(withoutStatesFrom(asking, last))
              }}
            >
              ×
            </ActionIcon>
          )}
        </span>
      ))}
      <NewState {...props} />
      {states.problem && (
        <Text fz="sm" c="var(--mantine-color-error)" role="alert">
          {states.problem.detail}
        </Text>
      )}
    </div>
  )
}
