import type { Schemas } from '../api/client'

export type Cell = Schemas['CellView']
export type Row = Schemas['RowView']
export type Use = 'given' | 'asked' | 'withheld'

/** What each cell is to the learner; a cell that is in neither map is withheld. */
export interface Uses {
  given: ReadonlySet<string>
  /** Asked cells with their marks. */
  asked: ReadonlyMap<string, number>
}

export const keyOf = (cell: Cell) => `${cell.subject} ${cell.quantity}`

export function cellOf(key: string): Cell {
  const split = key.lastIndexOf(' ')
  return { subject: key.slice(0, split), quantity: key.slice(split + 1) as Cell['quantity'] }
}

export const cellUse = (uses: Uses, key: string): Use =>
  uses.given.has(key) ? 'given' : uses.asked.has(key) ? 'asked' : 'withheld'

const NEXT: Record<Use, Use> = { asked: 'given', given: 'withheld', withheld: 'asked' }

/** What a click makes of a cell: the first asks it, those that follow on the same go round. */
export const clicked = (uses: Uses, key: string, first: boolean): Use => {
  const use = cellUse(uses, key)
  return first && use === 'given' ? 'asked' : NEXT[use]
}

/** The uses with one cell turned to another use. */
export function turned(uses: Uses, key: string, to: Use): Uses {
  const given = new Set(uses.given)
  const asked = new Map(uses.asked)
  given.delete(key)
  if (to !== 'asked') asked.delete(key)
  if (to === 'given') given.add(key)
  if (to === 'asked' && !asked.has(key)) asked.set(key, 1)
  return { given, asked }
}

export function withMarks(uses: Uses, key: string, marks: number): Uses {
  return { ...uses, asked: new Map(uses.asked).set(key, marks) }
}

/** How a new circuit starts: its settings given, the rest withheld. */
export function startingUses(rows: Row[]): Uses {
  const given = rows
    .filter((row) => (row.kind === 'part' || row.kind === 'internal') && row.resistance)
    .map((row) => keyOf({ subject: row.id, quantity: 'resistance' }))
  return { given: new Set([...given, 'total voltage']), asked: new Map() }
}

/** The uses of cells that the circuit still has; settings of parts that are new to it are given. */
export function fitted(uses: Uses, rows: Row[], known: ReadonlySet<string>): Uses {
  const ids = new Set(rows.map((row) => row.id))
  const start = startingUses(rows)
  const fits = (key: string) => ids.has(cellOf(key).subject)
  const fresh = [...start.given].filter((key) => !known.has(cellOf(key).subject))
  return {
    given: new Set([...[...uses.given].filter(fits), ...fresh]),
    asked: new Map([...uses.asked].filter(([key]) => fits(key))),
  }
}

export const totalMarks = (uses: Uses) => [...uses.asked.values()].reduce((sum, marks) => sum + marks, 0)
