import type { Schemas } from '../api/client'
import { cellOf, keyOf, type Uses } from './cells'

export type TaskBody = Schemas['TaskBody']
export type StateBody = Schemas['StateBody']

/** What is told and asked of a circuit, in its states. */
export interface Asking {
  /** Cells that are told of the circuit as drawn. */
  given: ReadonlySet<string>
  /** Of which subjects it was decided what they are to the learner; of later ones it is not yet. */
  known: readonly string[]
  stem: string
  /** What is done to the circuit, one act after the other, and what is told then. */
  states: readonly StateBody[]
  tasks: readonly TaskBody[]
  /** How the circuit is drawn for the learner; a plain loop where nothing is said. */
  plan?: Schemas['QuestionBody']['plan']
  /** Hidden where the circuit is to be drawn from words; shown where nothing is said. */
  drawing?: Schemas['QuestionBody']['drawing']
  /** What parts are called for the learner, by their labels. */
  names?: Record<string, string> | null
  /** For how long things run, where charge, energy or cost is told or asked. */
  running?: Schemas['RunningBody'][] | null
  /** What a kilowatt hour costs. */
  tariff?: string | null
  /** What has other values in each variant, and what must be true of them. */
  vary?: Schemas['VariedBody'][] | null
  conditions?: Schemas['ConditionBody'][] | null
}

export const askingFrom = ({ given, asked }: Uses, known: readonly string[] = []): Asking =>
  withUses({ given, known, stem: '', states: [], tasks: [] }, 0, { given, asked }, known)

const isChartOf = (task: TaskBody, state: number) => task.kind === 'chart' && (task.state ?? 0) === state

/** What the cells of a state's chart are to the learner. */
export function usesOf(asking: Asking, state: number): Uses {
  const asked = new Map<string, number>()
  for (const task of asking.tasks)
    if (isChartOf(task, state))
      for (const cell of task.cells ?? []) asked.set(keyOf(cell), cell.marks ?? task.marks ?? 1)
  const told = asking.states[state - 1]?.given ?? []
  return { given: state === 0 ? asking.given : new Set(told.map(keyOf)), asked }
}

/** The same with the cells of a state's chart as they are to be; what is asked of them is one task. */
export function withUses(asking: Asking, state: number, uses: Uses, known: readonly string[]): Asking {
  const cells = [...uses.asked].map(([key, marks]) => ({ ...cellOf(key), marks }))
  const at = asking.tasks.findIndex((task) => isChartOf(task, state))
  const others = asking.tasks.filter((task) => !isChartOf(task, state))
  const chart: TaskBody = { ...(asking.tasks[at] ?? { kind: 'chart' }), state, cells }
  const place = at < 0 ? others.length : at
  return {
    ...asking,
    known,
    given: state === 0 ? uses.given : asking.given,
    states: asking.states.map((one, k) =>
      k + 1 === state ? { ...one, given: [...uses.given].map(cellOf) } : one,
    ),
    tasks: cells.length === 0 ? others : others.toSpliced(place, 0, chart),
  }
}

/** The same without a state and those after it, which follow from it, and without what is asked in them. */
export const withoutStatesFrom = (asking: Asking, state: number): Asking => ({
  ...asking,
  states: asking.states.slice(0, state - 1),
  tasks: asking.tasks.filter((task) => (task.state ?? 0) < state && (task.otherState ?? 0) < state),
})

/** The parts that acts add to the circuit. */
export const addedParts = ({ states }: Asking): string[] =>
  states.flatMap(({ act }) =>
    (act.act === 'in-series' || act.act === 'in-parallel') && act.part ? [act.part] : [],
  )

/** Whether a part of this label stands in a circuit. */
const isIn = (notation: string, label: string) => new RegExp(`(?<![A-Z.])${label}(?![0-9])`).test(notation)

/** A name waits where its part is out of the circuit for a while. */
function namesIn(notation: string, asking: Asking) {
  const added = addedParts(asking)
  const there = Object.entries(asking.names ?? {}).filter(
    ([label, name]) => name !== '' && (added.includes(label) || isIn(notation, label)),
  )
  return there.length > 0 && { names: Object.fromEntries(there) }
}

/** What varies waits, too, where its part is out of the circuit for a while. */
const variedIn = (notation: string, vary: readonly Schemas['VariedBody'][]) =>
  vary.filter(({ thing }) => !/^[A-Z]+[0-9]+$/.test(thing) || isIn(notation, thing))

/** The same with other values for a thing that varies; with none it varies no more. */
export const varying = (asking: Asking, thing: string, values?: string): Asking => {
  const vary = asking.vary ?? []
  const at = vary.findIndex((one) => one.thing === thing)
  const others = vary.filter((one) => one.thing !== thing)
  const next =
    values === undefined ? others : others.toSpliced(at < 0 ? others.length : at, 0, { thing, values })
  return { ...asking, vary: next.length > 0 ? next : null }
}

/** The question as the server reads it, but for its title. */
export const questionBody = (notation: string, asking: Asking): Schemas['QuestionBody'] => ({
  notation,
  stem: asking.stem,
  given: [...asking.given].map(cellOf),
  states: [...asking.states],
  tasks: [...asking.tasks],
  ...(asking.drawing && { drawing: asking.drawing }),
  ...(asking.plan && { plan: asking.plan }),
  ...namesIn(notation, asking),
  ...(asking.running?.length && { running: asking.running }),
  ...(asking.tariff && { tariff: asking.tariff }),
  ...(asking.vary?.length && { vary: variedIn(notation, asking.vary) }),
  ...(asking.vary?.length && asking.conditions?.length && { conditions: asking.conditions }),
})
