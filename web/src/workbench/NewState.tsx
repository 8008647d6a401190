import { Autocomplete, Button, Group, NativeSelect, Popover, Stack, Text, TextInput } from '@mantine/core'
import { useDisclosure } from '@mantine/hooks'
import { useMutation, useQueryClient } from '@tanstack/react-query'
import { useState, type FormEvent } from 'react'
import { useTranslation } from 'react-i18next'
import { checkQuery } from '../api/queries'
import type { StateBody } from './asking'
import type { StatesBarProps } from './StatesBar'
import { statesRequest } from './useCircuitStates'

type Act = StateBody['act']
type ActName = Act['act']

const SWITCH: ActName[] = ['open', 'close']
const OTHERS: ActName[] = ['set', 'raised', 'lowered', 'out', 'short']
const OF_CIRCUIT: ActName[] = ['in-series', 'in-parallel', 'wire', 'connected', 'supply']

/** What is done next. It is tried before it becomes a state: what cannot be done says why. */
export function NewState({ notation, style, states, asking, onAsking, things, inHand }: StatesBarProps) {
  const { t } = useTranslation()
  const queries = useQueryClient()
  const [opened, panel] = useDisclosure(false)
  const parts = things.filter(({ kind }) => kind !== '')
  const [typed, type] = useState<Partial<Act>>({})
  const part = parts.find(({ name }) => name === (typed.part ?? inHand)) ?? parts[0]
  const ofPart = part?.kind === 'switch' ? SWITCH : OTHERS
  const act = typed.act && [...ofPart, ...OF_CIRCUIT].includes(typed.act) ? typed.act : ofPart[0]!
  const add = useMutation({
    mutationFn: async (): Promise<StateBody> => {
      const state: StateBody = { act: bodyOf(act, { ...typed, part: typed.part ?? part?.name }), given: [] }
      await queries.fetchQuery(checkQuery(statesRequest(notation, style, [...asking.states, state])))
      return state
    },
    onSuccess: (state) => {
      onAsking({ ...asking, states: [...asking.states, state] })
      states.choose(asking.states.length + 1)
      type({})
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
              {!OF_CIRCUIT.includes(act) && (
                <NativeSelect
                  label={t('states.part')}
                  value={part?.name ?? ''}
                  onChange={(event) => type({ ...typed, part: event.currentTarget.value })}
                  data={parts.map(({ name }) => name)}
                />
              )}
              <NativeSelect
                label={t('states.act')}
                value={act}
                onChange={(event) => type({ act: event.currentTarget.value as ActName, part: typed.part })}
                data={[
                  { group: t('states.ofPart'), items: options(ofPart, t) },
                  { group: t('states.ofCircuit'), items: options(OF_CIRCUIT, t) },
                ]}
              />
              <ActFields act={act} typed={typed} onType={type} things={things} />
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

const options = (acts: ActName[], t: ReturnType<typeof useTranslation>['t']) =>
  acts.map((one) => ({ value: one, label: t(`states.acts.${one}`) }))

/** An act with no more than it needs. */
function bodyOf(act: ActName, { part, value, at, from, to }: Partial<Act>): Act {
  switch (act) {
    case 'in-series':
    case 'in-parallel':
      return { act, part, value, ...(at && { at }) }
    case 'wire':
      return { act, from, to }
    case 'supply':
    case 'connected':
      return { act, value }
    case 'set':
      return { act, part, value }
    default:
      return { act, part }
  }
}

interface ActFieldsProps {
  act: ActName
  typed: Partial<Act>
  onType: (typed: Partial<Act>) => void
  things: StatesBarProps['things']
}

/** What else an act needs to be known. */
function ActFields({ act, typed, onType, things }: ActFieldsProps) {
  const { t } = useTranslation()
  const field = (key: 'part' | 'value', label: string, w: number, placeholder = '') => (
    <TextInput
      label={label}
      w={w}
      placeholder={placeholder}
      value={typed[key] ?? ''}
      onChange={(event) => onType({ ...typed, [key]: event.currentTarget.value })}
    />
  )
  const places = things.filter(({ name }) => /^\.[A-Z]$/.test(name)).map(({ name }) => name.slice(1))
  switch (act) {
    case 'set':
      return field('value', t('change.value'), 90)
    case 'supply':
      return field('value', t('states.emf'), 120, '24 V')
    case 'connected':
      return field('value', t('states.network'), 220, 'R1 || R2')
    case 'in-series':
    case 'in-parallel':
      return (
        <>
          {field('part', t('states.more'), 80, 'R9')}
          {field('value', t('change.value'), 90)}
          <NativeSelect
            label={t('states.at')}
            value={typed.at ?? ''}
            onChange={(event) => onType({ ...typed, at: event.currentTarget.value })}
            data={[
              { value: '', label: t('states.whole') },
              ...things.filter(({ kind }) => kind !== '').map(({ name }) => name),
            ]}
          />
        </>
      )
    case 'wire':
      return (['from', 'to'] as const).map((end) => (
        <Autocomplete
          key={end}
          label={t(`states.${end}`)}
          w={80}
          data={[...places, '+', '-']}
          value={typed[end] ?? ''}
          onChange={(value) => onType({ ...typed, [end]: value })}
        />
      ))
    default:
      return null
  }
}
