import { Checkbox, Group, MultiSelect, NativeSelect, NumberInput } from '@mantine/core'
import { useTranslation } from 'react-i18next'
import type { Schemas } from '../api/client'
import { quantityIn } from '../ui/ChartFrame'
import type { TaskBody } from './asking'
import { cellOf, keyOf } from './cells'
import { OwnFields } from './OwnFields'
import { WordFields } from './WordFields'

type Kind = TaskBody['kind']

const OF_CELLS: Kind[] = ['calculate', 'write-down', 'change', 'places', 'explain']
const OF_ONE_CELL: Kind[] = ['places', 'explain']
const OF_AMOUNTS: Kind[] = ['calculate', 'write-down']
const OF_PARTS: Kind[] = ['goes-out', 'joint', 'combinations', 'limits', 'breaker', 'connect', 'colour-code']
const MOST_PARTS: Partial<Record<Kind, number>> = { joint: 2, combinations: 5, connect: 5, 'colour-code': 1 }
/** Units in which an amount can be wanted, beside that of SI. */
const UNITS: Record<string, string[]> = {
  resistance: ['Ω', 'kΩ', 'MΩ'],
  voltage: ['V', 'mV', 'kV'],
  current: ['A', 'mA', 'μA'],
  power: ['W', 'mW', 'kW'],
  potential: ['V', 'mV'],
  charge: ['C', 'mC', 'Ah'],
  time: ['s', 'min', 'h'],
  energy: ['J', 'kJ', 'MJ', 'kWh'],
}
const OF_THINGS: Kind[] = ['rank', 'places']
const OF_WORDS: Kind[] = ['define', 'words', 'gaps']
/** Each of their boxes, or of their phrases, earns one mark. */
const ONE_EACH: Kind[] = ['chart', 'change', 'define', 'words']
const MOST_MARKS = 20

interface TaskFieldsProps {
  task: TaskBody
  /** Missing where all is asked in words. */
  analysis?: Schemas['AnalysisView']
  acts: string[]
  onTask: (task: TaskBody) => void
}

const name = (subject: string) => subject.replace(/^\./, '')

/** What a task is about, in which state, and what it earns; which of these a kind has is its own. */
export function TaskFields({ task, analysis, acts, onTask }: TaskFieldsProps) {
  const { t } = useTranslation()
  const rows = [...(analysis?.rows ?? []), ...(analysis?.readings ?? [])]
  const cells = rows.flatMap((row) =>
    (analysis?.columns ?? []).flatMap((column) => {
      const quantity = quantityIn(row, column)
      const word = quantity === 'potential' ? t('chart.potential') : column.word
      return row.shown[quantity] === undefined
        ? []
        : [{ value: keyOf({ subject: row.id, quantity }), label: `${word} – ${name(row.id)}` }]
    }),
  )
  const subjects = rows.map((row) => ({ value: row.id, label: name(row.id) }))
  const parts = subjects.filter(({ value }) => rows.some((row) => row.id === value && row.kind === 'part'))
  const states = [t('work.asDrawn'), ...acts].map((act, place) => ({ value: String(place), label: act }))
  const marks = task.cells?.find((cell) => cell.marks)?.marks ?? task.marks ?? undefined
  const setMarks = (worth: number) =>
    onTask({
      ...task,
      marks: worth,
      ...(OF_AMOUNTS.includes(task.kind) &&
        task.cells && { cells: task.cells.map((cell) => ({ ...cell, marks: worth })) }),
    })
  return (
    <>
      {OF_CELLS.includes(task.kind) && (
        <MultiSelect
          label={t('task.about')}
          searchable
          data={
            task.kind === 'places' ? cells.filter(({ value }) => / (current|voltage)$/.test(value)) : cells
          }
          maxValues={OF_ONE_CELL.includes(task.kind) ? 1 : undefined}
          value={(task.cells ?? []).map(keyOf)}
          onChange={(keys) =>
            onTask({
              ...task,
              cells: keys.map((key) => ({
                ...cellOf(key),
                ...(task.cells?.find((one) => keyOf(one) === key)?.unit && {
                  unit: task.cells.find((one) => keyOf(one) === key)?.unit,
                }),
                ...(OF_AMOUNTS.includes(task.kind) && { marks }),
              })),
            })
          }
        />
      )}
      {OF_PARTS.includes(task.kind) && (
        <MultiSelect
          label={t('task.about')}
          searchable
          data={parts}
          maxValues={MOST_PARTS[task.kind]}
          value={task.parts ?? []}
          onChange={(names) => onTask({ ...task, parts: names })}
        />
      )}
      {OF_THINGS.includes(task.kind) && (
        <MultiSelect
          label={t(task.kind === 'places' ? 'task.among' : 'task.about')}
          searchable
          data={subjects}
          value={task.things ?? []}
          onChange={(names) =>
            onTask({
              ...task,
              things: names,
              ...(task.kind === 'rank' && !task.first && { marks: Math.max(1, names.length - 1) }),
            })
          }
        />
      )}
      <OwnFields task={task} onTask={onTask} />
      {OF_WORDS.includes(task.kind) && <WordFields task={task} onTask={onTask} />}
      {task.kind === 'compare' && <Compared task={task} cells={cells} states={states} onTask={onTask} />}
      <Group gap="sm" mt="xs" align="flex-end">
        {(task.kind === 'calculate' || task.kind === 'write-down') && (
          <NativeSelect
            label={t('task.kind')}
            value={task.kind}
            data={(['calculate', 'write-down'] as const).map((kind) => ({
              value: kind,
              label: t(`task.kinds.${kind}`),
            }))}
            onChange={(event) => onTask({ ...task, kind: event.currentTarget.value as Kind })}
          />
        )}
        {OF_AMOUNTS.includes(task.kind) && UNITS[quantityOf(task) ?? ''] && (
          <NativeSelect
            label={t('task.unit')}
            value={task.cells?.[0]?.unit ?? ''}
            data={[{ value: '', label: t('task.anyUnit') }, ...(UNITS[quantityOf(task) ?? ''] ?? [])]}
            onChange={(event) => {
              const unit = event.currentTarget.value || undefined
              onTask({ ...task, cells: task.cells?.map((cell) => ({ ...cell, unit })) })
            }}
          />
        )}
        {task.kind === 'limits' && (
          <NativeSelect
            label={t('task.by')}
            value={task.quantity ?? 'voltage'}
            data={(['voltage', 'current'] as const).map((quantity) => ({
              value: quantity,
              label: t(`quantity.${quantity}`),
            }))}
            onChange={(event) => onTask({ ...task, quantity: event.currentTarget.value })}
          />
        )}
        {task.kind === 'rank' && (
          <NativeSelect
            label={t('task.by')}
            value={task.quantity ?? 'power'}
            data={(['power', 'current', 'voltage', 'resistance', 'potential'] as const).map((quantity) => ({
              value: quantity,
              label: t(`quantity.${quantity}`),
            }))}
            onChange={(event) => onTask({ ...task, quantity: event.currentTarget.value })}
          />
        )}
        {acts.length > 0 && task.kind !== 'chart' && (
          <NativeSelect
            label={t('states.one')}
            value={String(task.state ?? 0)}
            data={states}
            onChange={(event) => onTask({ ...task, state: Number(event.currentTarget.value) })}
          />
        )}
        {!ONE_EACH.includes(task.kind) && (
          <NumberInput
            label={t('task.marksEach')}
            w={96}
            min={1}
            max={MOST_MARKS}
            clampBehavior="strict"
            allowDecimal={false}
            value={marks ?? ''}
            onChange={(value) => typeof value === 'number' && value >= 1 && setMarks(value)}
          />
        )}
      </Group>
    </>
  )
}

/** The one quantity of all its cells. */
function quantityOf({ cells }: TaskBody) {
  const all = new Set(cells?.map(({ quantity }) => quantity))
  return all.size === 1 ? [...all][0] : undefined
}

interface ComparedProps {
  task: TaskBody
  cells: { value: string; label: string }[]
  states: { value: string; label: string }[]
  onTask: (task: TaskBody) => void
}

/** Two cells, the second perhaps of another state, and whether it is asked by how much they differ. */
function Compared({ task, cells, states, onTask }: ComparedProps) {
  const { t } = useTranslation()
  const keys = (task.cells ?? []).map(keyOf)
  const set = (place: number, key: string) =>
    onTask({ ...task, cells: keys.with(place, key).map((one) => cellOf(one)) })
  return (
    <Group gap="sm" align="flex-end">
      {[0, 1].map((place) => (
        <NativeSelect
          key={place}
          label={t(place === 0 ? 'task.compared' : 'task.comparedWith')}
          value={keys[place] ?? ''}
          data={cells}
          onChange={(event) => set(place, event.currentTarget.value)}
        />
      ))}
      {states.length > 1 && (
        <NativeSelect
          label={t('states.ofOther')}
          value={String(task.otherState ?? task.state ?? 0)}
          data={states}
          onChange={(event) => onTask({ ...task, otherState: Number(event.currentTarget.value) })}
        />
      )}
      <Checkbox
        label={t('task.factor')}
        checked={task.factor ?? false}
        onChange={(event) => onTask({ ...task, factor: event.currentTarget.checked })}
      />
    </Group>
  )
}
