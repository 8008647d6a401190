import { expect, test } from 'vitest'
import type { Schemas } from '../api/client'
import {
  cellOf,
  cellUse,
  clicked,
  fitted,
  keyOf,
  startingUses,
  totalMarks,
  turned,
  withMarks,
  type Uses,
} from './cells'

const row = (id: string, kind: Schemas['RowView']['kind'], resistance: number | null) =>
  ({ id, kind, resistance, shown: {} }) as Schemas['RowView']

const rows = [row('R1', 'part', 5), row('A1', 'part', 0), row('R2', 'part', 3), row('total', 'total', 8)]

test('a new circuit gives its resistances and its emf, and no ideal part', () => {
  const uses = startingUses(rows)
  expect([...uses.given]).toEqual(['R1 resistance', 'R2 resistance', 'total voltage'])
  expect(uses.asked.size).toBe(0)
})

test('the first click on a cell asks it, later ones go round, and marks are kept only while it is asked', () => {
  const key = 'R1 current'
  const click = (uses: Uses, cell: string, first: boolean) => turned(uses, cell, clicked(uses, cell, first))
  expect(cellUse(click(startingUses(rows), 'R1 resistance', true), 'R1 resistance')).toBe('asked')
  let uses = withMarks(click(startingUses(rows), key, true), key, 3)
  expect(cellUse(uses, key)).toBe('asked')
  expect(totalMarks(uses)).toBe(3)
  uses = click(uses, key, false)
  expect(cellUse(uses, key)).toBe('given')
  uses = click(uses, key, false)
  expect(cellUse(uses, key)).toBe('withheld')
  expect(totalMarks(click(uses, key, false))).toBe(1)
})

test('uses stay with their parts when the circuit changes, and a new part starts as given', () => {
  const before = turned(startingUses(rows), 'R2 current', 'asked')
  const known = new Set(rows.map((one) => one.id))
  const after = fitted(before, [row('R1', 'part', 5), row('R3', 'part', 4), row('total', 'total', 9)], known)
  expect([...after.given].sort()).toEqual(['R1 resistance', 'R3 resistance', 'total voltage'])
  expect(after.asked.size).toBe(0)
})

test('readings of meters and points that are asked stay when a question is opened again', () => {
  const readings = [row('V1', 'voltmeter', null), row('.B', 'point', null)]
  const kept = turned(turned(startingUses(rows), 'V1 voltage', 'asked'), '.B potential', 'given')
  const opened = fitted(kept, [...rows, ...readings], new Set([...rows, ...readings].map((one) => one.id)))
  expect(opened.asked.get('V1 voltage')).toBe(1)
  expect(opened.given.has('.B potential')).toBe(true)
})

test('a key and its cell are the same thing', () => {
  const cell = { subject: 'L1,R10', quantity: 'power' } as const
  expect(cellOf(keyOf(cell))).toEqual(cell)
})
