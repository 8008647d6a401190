import { fireEvent, screen } from '@testing-library/react'
import { expect, test } from 'vitest'
import { shown } from '../test/shown'
import LearnerSheet from './LearnerSheet'

const printed = { resistance: '4.00', current: '3.00' }
const sheet = (findings: object[], marks: number | null) => ({
  assignment: { id: 5, title: 'Boot dryer', classroom: 'Hut class', total: 6 },
  learner: { learner: { id: 2, displayName: 'Wren', username: 'wren' }, state: 'sent', marks },
  attempts: [{ number: 1, sentAt: null, marks, counts: true }],
  sheet: {
    questions: [
      {
        stem: '',
        states: [],
        tasks: [
          {
            number: '1.1',
            state: 0,
            prompt: 'Fill in the chart.',
            marks: 6,
            boxes: [
              { id: '1/1.1-1', name: 'current of R1', symbol: '', text: '3 A' },
              { id: '1/1.1-2', name: 'resistance of R23', symbol: '', text: 'four' },
            ],
          },
        ],
      },
    ],
  },
  findings,
  charts: [
    {
      question: 0,
      state: 0,
      act: '',
      analysis: {
        wholeWord: 'total',
        overRated: [],
        wordList: [],
        readings: [
          {
            id: 'V1',
            kind: 'voltmeter',
            members: ['R1'],
            shown: { voltage: '6.00' },
            condition: 'normal',
            whole: {},
          },
        ],
        scene: {
          width: 100,
          height: 100,
          lines: [
            { points: '1,1 2,2', closed: false, role: 'symbol', part: 'R2' },
            { points: '3,3 4,4', closed: false, role: 'symbol', part: 'R1' },
          ],
          circles: [],
          texts: [],
          areas: [],
        },
        columns: [
          { quantity: 'resistance', symbol: 'R', word: 'resistance', unit: 'Ω' },
          { quantity: 'voltage', symbol: 'V', word: 'voltage', unit: 'V' },
          { quantity: 'current', symbol: 'I', word: 'current', unit: 'A' },
        ],
        rows: [
          { id: 'R1', kind: 'part', members: ['R1'], shown: printed, condition: 'normal', whole: {} },
          { id: 'R23', kind: 'group', members: ['R2', 'R3'], shown: printed, condition: 'normal', whole: {} },
          { id: 'S4', kind: 'part', members: ['S4'], shown: {}, condition: 'no-current', whole: {} },
        ],
      },
    },
  ],
})
const finding = (subject: string, quantity: string, word: string, said: string) => ({
  box: subject === 'R1' ? '1/1.1-1' : '1/1.1-2',
  points: 0,
  of: 1,
  amount: { cell: { subject, quantity }, slips: [] as object[] },
  finding: word,
  shown: word === 'unreadable' ? '' : '3.00 A',
  origin: word === 'wrong',
  from: [],
  slip: null,
  given: null,
  chain: [] as object[],
  sentence: said,
})
const open = (said: object) =>
  shown(<LearnerSheet />, () => said, {
    at: '/results/1/5/2',
    pattern: '/results/:classId/:assignmentId/:learnerId',
  })

test('each answer stands with its finding; picked, its row and its parts are lit in the true chart and the drawing', async () => {
  open(
    sheet(
      [
        finding('R1', 'current', 'right', 'Right.'),
        finding('R23', 'resistance', 'unreadable', '“four” could not be read.'),
      ],
      2,
    ),
  )
  await screen.findByText('Wren')
  expect(screen.getByText(/2 of 6 marks/)).toBeTruthy()
  const row = screen.getByRole('button', { name: /unreadable/ })
  expect(row.textContent).toContain('four')
  fireEvent.click(row)
  expect(row.getAttribute('aria-pressed')).toBe('true')
  expect(document.querySelector('[data-row=R23]')?.getAttribute('aria-selected')).toBe('true')
  const lines = [...document.querySelectorAll('polyline')].map((line) => line.getAttribute('class') ?? '')
  expect(lines[0]).not.toBe(lines[1])
})

test('a slip is named, with what else it may have been; where an error starts is dashed in the drawing', async () => {
  const slips = [
    { slip: 'prefix', name: 'Prefix lost or added', sentence: 'Prefix lost or added' },
    { slip: 'neighbours-row', name: 'Another row’s value', sentence: 'Another row’s value: I₁ = I₂' },
  ]
  const slipped = { ...finding('R1', 'current', 'slip', 'You wrote 3 kA.'), origin: true }
  open(sheet([{ ...slipped, amount: { ...slipped.amount, slips } }], 0))
  const row = await screen.findByRole('button', { name: /Prefix lost or added/ })
  expect(row.textContent).toContain('Or: Another row’s value: I₁ = I₂.')
  expect(screen.queryByText(/^Dashed/)).toBeNull()
  fireEvent.click(row)
  expect(screen.getByText(/^Dashed: where the error starts/)).toBeTruthy()
})

test('the true chart has the meters’ rows, and says why a cell is empty', async () => {
  open(sheet([finding('R1', 'current', 'wrong', 'You wrote 2 A.')], 0))
  await screen.findByText('Wren')
  const cells = (row: string) =>
    [...document.querySelectorAll(`[data-row=${row}] td`)].map((one) => one.textContent)
  expect(cells('V1')).toEqual(['–', '6.00', '–'])
  expect(cells('S4')).toEqual(['open', 'open', 'open'])
})

test('a sheet that was not sent shows what stands on it, and the way back names the class', async () => {
  const unsent = sheet([], null)
  open({
    ...unsent,
    learner: { learner: { displayName: 'Wren' }, state: 'working', marks: null },
    sheet: { ...unsent.sheet, keptAt: '2026-01-01T08:02:00Z' },
  })
  expect(await screen.findByText(/^Being worked on/)).toBeTruthy()
  expect(screen.getByRole('link', { name: 'Results of Hut class' }).getAttribute('href')).toBe('/results/1')
})

test('of several attempts it is said which counts, and each can be looked at', async () => {
  const attempts = [
    { number: 1, sentAt: '2026-01-01T08:02:00Z', marks: 5, counts: true },
    { number: 2, sentAt: null, marks: null, counts: false },
  ]
  const first = sheet([finding('R1', 'current', 'right', 'Right.')], 5)
  open({ ...first, attempts, sheet: { ...first.sheet, attempt: 1 } })
  const choice = await screen.findByLabelText<HTMLSelectElement>('Attempt')
  expect([...choice.options].map((one) => one.text)).toEqual(['1: 5 marks, counts', '2: not sent'])
})
