import { act, fireEvent, screen } from '@testing-library/react'
import { useState } from 'react'
import { expect, test } from 'vitest'
import type { Schemas } from '../api/client'
import { shown } from '../test/shown'
import { startingUses, type Uses } from './cells'
import { ChartTable } from './ChartTable'

const printed = { resistance: '5.00', voltage: '10.0', current: '2.00', power: '20.0' }
const analysis = {
  wholeWord: 'total',
  overRated: [],
  columns: [
    { quantity: 'resistance', symbol: 'R', word: 'resistance', unit: 'Ω' },
    { quantity: 'voltage', symbol: 'V', word: 'voltage', unit: 'V' },
    { quantity: 'current', symbol: 'I', word: 'current', unit: 'A' },
  ],
  readings: [
    {
      id: 'V1',
      kind: 'voltmeter',
      members: ['R1'],
      shown: { voltage: '10.0' },
      condition: 'normal',
      whole: {},
    },
    { id: '.B', kind: 'point', members: [], shown: { potential: '4.00' }, condition: 'normal', whole: {} },
    { id: 'V2', kind: 'voltmeter', members: ['S1'], shown: {}, condition: 'undecided', whole: {} },
  ],
  rows: [
    {
      id: 'R1',
      kind: 'part',
      members: ['R1'],
      resistance: 5,
      shown: printed,
      whole: { current: '1.997 A' },
      condition: 'normal',
    },
    { id: 'S1', kind: 'part', members: ['S1'], shown: { current: '0' }, condition: 'no-current', whole: {} },
  ],
} as unknown as Schemas['AnalysisView']

function Held() {
  const [uses, setUses] = useState<Uses>(startingUses(analysis.rows))
  const [row, setRow] = useState('')
  return (
    <ChartTable
      analysis={analysis}
      uses={uses}
      onUses={setUses}
      selected={row}
      onSelect={setRow}
      onCell={() => undefined}
    />
  )
}

test('a cell is turned by click and by key, and takes marks by digit', () => {
  shown(<Held />, () => ({}))
  const cell = () => screen.getByRole('button', { name: /^current of R1/ })
  expect(cell().dataset.use).toBe('withheld')
  fireEvent.click(cell())
  expect(cell().dataset.use).toBe('asked')
  fireEvent.click(cell())
  expect(cell().dataset.use).toBe('given')
  fireEvent.keyDown(cell(), { key: 'a' })
  fireEvent.keyDown(cell(), { key: '3' })
  expect(cell().getAttribute('aria-label')).toBe('current of R1: 2.00, asked 3 marks')
  fireEvent.keyDown(cell(), { key: 'w' })
  expect(cell().dataset.use).toBe('withheld')
})

test('a number that hides some of its figures tells them on hover', () => {
  shown(<Held />, () => ({}))
  expect(screen.getByRole('button', { name: /^current of R1/ }).title).toBe('1.997 A')
  expect(screen.getByRole('button', { name: /^voltage of R1/ }).title).toBe('')
})

test('arrow keys walk through the chart, over what is no button, and Tab stops once', () => {
  shown(<Held />, () => ({}))
  const stops = () =>
    [...document.querySelectorAll<HTMLElement>('tbody button')].filter((one) => one.tabIndex === 0)
  expect(stops().map((one) => one.textContent)).toEqual(['R1'])
  const press = (key: string) => fireEvent.keyDown(document.activeElement!, { key })
  act(() => stops()[0]!.focus())
  press('ArrowRight')
  press('ArrowRight')
  press('ArrowRight')
  expect(document.activeElement?.getAttribute('aria-label')).toMatch(/^current of R1/)
  press('ArrowDown')
  expect(document.activeElement?.getAttribute('aria-label')).toMatch(/^current of S1/)
  press('ArrowLeft')
  expect(document.activeElement?.textContent).toBe('S1')
  press('ArrowLeft')
  expect(document.activeElement?.textContent).toBe('S1')
  expect(stops()).toEqual([document.activeElement])
})

test('a row is lit when it is chosen, and what does not exist is said in a word', () => {
  shown(<Held />, () => ({}))
  fireEvent.click(screen.getByRole('button', { name: 'R1' }))
  expect(document.querySelector('[data-row=R1]')?.getAttribute('aria-selected')).toBe('true')
  expect(document.querySelector('[data-row=S1]')?.textContent).toContain('open')
})

test('voltmeters and points have rows of one cell each, which is turned like any other', () => {
  shown(<Held />, () => ({}))
  fireEvent.click(screen.getByRole('button', { name: /^voltage of V1: 10.0/ }))
  expect(screen.getByRole('button', { name: /^voltage of V1: 10.0, asked/ })).toBeTruthy()
  const potential = screen.getByRole('button', { name: /^potential of B: 4.00/ })
  fireEvent.keyDown(potential, { key: 'a' })
  expect(potential.dataset.use).toBe('asked')
  const text = (row: string) =>
    [...document.querySelectorAll(`[data-row="${row}"] td`)].map((one) => one.textContent)
  expect(text('V1')).toEqual(['–', '10.0', '–'])
  expect(text('V2')).toEqual(['–', 'undecided', '–'])
})
