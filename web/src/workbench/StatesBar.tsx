import { ActionIcon, Button, Group, NativeSelect, Popover, Stack, Text, TextInput } from '@mantine/core'
import { useDisclosure } from '@mantine/hooks'
import { useMutation, useQueryClient } from '@tanstack/react-query'
import { useState, type FormEvent } from 'react'
import { useTranslation } from 'react-i18next'
import type { Schemas } from '../api/client'
import { checkQuery } from '../api/queries'
import { announce } from '../ui/announce'
import { StepButton } from '../ui/StepButton'
import { withoutStatesFrom, type Asking, type StateBody } from './asking'
import classes from './StatesBar.module.css'
import { statesRequest, type CircuitStates } from './useCircuitStates'

type ActName = StateBody['act']['act']

const SWITCH: ActName[] = ['open', 'close']
const OTHERS: ActName[] = ['set', 'raised', 'lowered', 'out', 'short']

interface StatesBarProps {
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

/** What is done next. It is tried before it becomes a state: what cannot be done says why. */
function NewState({ notation, style, states, asking, onAsking, things, inHand }: StatesBarProps) {
  const { t } = useTranslation()
  const queries = useQueryClient()
  const [opened, panel] = useDisclosure(false)
  const parts = things.filter(({ kind }) => kind !== '')
  const [picked, pick] = useState<string>()
  const part = parts.find(({ name }) => name === (picked ?? inHand)) ?? parts[0]
  const acts = part?.kind === 'switch' ? SWITCH : OTHERS
  const [wanted, want] = useState<ActName>()
  const act = wanted && acts.includes(wanted) ? wanted : acts[0]!
  const [value, setValue] = useState('')
  const add = useMutation({
    mutationFn: async (): Promise<StateBody> => {
      const state: StateBody = {
        act: { act, part: part?.name ?? '', ...(act === 'set' && { value }) },
        given: [],
      }
      await queries.fetchQuery(checkQuery(statesRequest(notation, style, [...asking.states, state])))
      return state
    },
    onSuccess: (state) => {
      onAsking({ ...asking, states: [...asking.states, state] })
      states.choose(asking.states.length + 1)
      setValue('')
      panel.close()
    },
  })
  const submit = (event: FormEvent) => {
    event.preventDefault()
    add.mutate()
  }
  return (
    <Popover opened={opened} onChange={panel.toggle} position="bottom-start" trapFocus returnFocus>
      <Popover.Target>
        <Button variant="subtle" size="compact-sm" mih={36} onClick={panel.toggle}>
          {t('states.then')}
        </Button>
      </Popover.Target>
      <Popover.Dropdown aria-label={t('states.then')}>
        <form onSubmit={submit}>
          <Stack gap="sm">
            <Group gap="sm" align="flex-end" wrap="nowrap">
              <NativeSelect
                label={t('change.part')}
                value={part?.name ?? ''}
                onChange={(event) => pick(event.currentTarget.value)}
                data={parts.map(({ name }) => name)}
              />
              <NativeSelect
                label={t('change.act')}
                value={act}
                onChange={(event) => want(event.currentTarget.value as ActName)}
                data={acts.map((one) => ({ value: one, label: t(`states.acts.${one}`) }))}
              />
              {act === 'set' && (
                <TextInput
                  label={t('change.value')}
                  w={90}
                  value={value}
                  onChange={(event) => setValue(event.currentTarget.value)}
                />
              )}
              <Button type="submit" loading={add.isPending} mih={44}>
                {t('states.add')}
              </Button>
            </Group>
            {add.isError && (
              <Text fz="sm" c="var(--mantine-color-error)" role="alert">
                {add.error.message}
              </Text>
            )}
          </Stack>
        </form>
      </Popover.Dropdown>
    </Popover>
  )
}
