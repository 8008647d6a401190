import { fireEvent, screen } from '@testing-library/react'
import { expect, test } from 'vitest'
import { answer, shown } from '../test/shown'
import Feedback from './Feedback'

const finding = (subject: string, word: string, more: object = {}) => ({
  box: `1/${subject}`,
  points: 1,
  of: 1,
  finding: word,
  shown: '2 A',
  origin: false,
  from: [],
  slip: null,
  given: null,
  chain: [],
  sentence: `Said of ${subject}.`,
  ...more,
})
const feedback = (findings: object[], marks: number, corrections: object[] = []) => ({
  marks,
  findings,
  corrections,
  next: null as object | null,
  whole: true,
  attempts: [{ number: 1, sentAt: '2026-01-01T08:00:00Z', marks, counts: true }],
  sheet: {
    attempt: 1,
    id: 7,
    title: 'Boot dryer',
    marks: 5,
    questions: [
      {
        stem: '',
        states: [
          {
            act: '',
            wordList: [{ depth: 0, text: 'source with emf E' }],
            scene: { width: 100, height: 100, lines: [], circles: [], texts: [], areas: [] },
            given: [{ cell: { subject: 'total', quantity: 'voltage' }, symbol: '<mi>E</mi>', shown: '12 V' }],
          },
        ],
        tasks: [
          {
            number: '1.1',
            state: 0,
            prompt: 'Fill in the chart.',
            marks: 5,
            boxes: ['R1', 'R2', 'R3', 'R4'].map((subject) => ({
              id: `1/${subject}`,
              name: `current of ${subject}`,
              symbol: '',
              text: 'two or so',
            })),
          },
        ],
      },
    ],
  },
})

const open = (said: object) =>
  shown(<Feedback />, () => said, { at: '/work/7/feedback', pattern: '/work/:workId/feedback' })
const rows = () => [...document.querySelectorAll('[data-finding]')]

test('every answer is told with its finding, its sentence and where an error starts', async () => {
  open(
    feedback(
      [
        finding('R1', 'right'),
        finding('R2', 'wrong', { origin: true }),
        finding('R3', 'follow-through'),
        finding('R4', 'unreadable', { shown: '' }),
      ],
      2,
    ),
  )
  await screen.findByText('Boot dryer')
  expect(screen.getByText('2 of 5 marks')).toBeTruthy()
  expect(rows().map((row) => row.getAttribute('data-finding'))).toEqual([
    'right',
    'wrong',
    'follow-through',
    'unreadable',
  ])
  // A right answer is quiet; of the others the sentence stands below.
  expect(rows()[0]?.textContent).not.toContain('Said of')
  expect(rows()[1]?.textContent).toContain('wrong, an error starts here')
  expect(rows()[1]?.textContent).toContain('Said of R2.')
  expect(rows()[2]?.textContent).toContain('Said of R3.')
  // What could not be read is shown as it was typed.
  expect(rows()[3]?.textContent).toContain('two or so')
  expect(screen.queryByText('Everything is right.')).toBeNull()
})

test('a sheet that is all right says so', async () => {
  open(feedback([finding('R1', 'right'), finding('R2', 'right')], 5))
  expect(await screen.findByText('Everything is right.')).toBeTruthy()
})

test('what was not handed back yet is refused in the server’s words', async () => {
  open(answer(409, { detail: 'Your teacher has not handed this back yet.', reason: 'not-released' }))
  expect(await screen.findByText('Your teacher has not handed this back yet.')).toBeTruthy()
})

test('a calculation in lines is shown line by line with the points that each earned, and those that were not', () => {
  const working = {
    open: false,
    lines: [
      { typed: 'I = V/R', read: ['<mi>I</mi>'], said: [] },
      { typed: '= 6/3 = 3 A', read: ['<mn>3</mn>'], said: ['6/3 is 2, not 3.'] },
    ],
    credits: [
      { point: 'formula', earned: true, line: 0 },
      { point: 'substitution', earned: true, line: 1 },
      { point: 'answer', earned: false, line: null },
    ],
  }
  open(feedback([finding('R1', 'partly', { points: 2, of: 3, working })], 2))
  return screen.findByText('6/3 is 2, not 3.').then(() => {
    const [row] = rows()
    expect(row!.textContent).toContain('✓ formula')
    expect(row!.textContent).toContain('✓ substitution')
    expect(row!.textContent).toContain('not earned: answer')
  })
})

test('what a teacher gave stands with its reason, and what followed with the way from where the error started', async () => {
  const steps = [
    { box: '1/total', name: 'total current', symbol: '', origin: true, parts: ['R1'] },
    { box: '1/R1', name: 'voltage of R1', symbol: '', origin: false, parts: ['R1'] },
  ]
  open(
    feedback(
      [
        finding('R1', 'slip', {
          origin: true,
          points: 1,
          of: 2,
          given: { points: 1, reason: 'the law is right', by: '' },
        }),
        finding('R2', 'follow-through', { chain: steps }),
      ],
      3,
    ),
  )
  expect(await screen.findByText('Your teacher gave 1 of 2 marks: the law is right')).toBeTruthy()
  expect(screen.getByText(/^Which led to which/).textContent).toBe(
    'Which led to which: total current ✗ → voltage of R1',
  )
})

test('what was put right since it was handed out is told with its reason', async () => {
  const correction = { kind: 'leave-out', boxes: ['1/1.2'] }
  const entry = {
    revision: 1,
    correction,
    asked: ['1.2 V2'],
    reason: 'a misprint',
    by: '',
    at: '2026-11-03T10:00:00Z',
  }
  open(feedback([], 2, [entry]))
  const put = await screen.findByRole('region', { name: 'Put right since it was handed out' })
  expect(put.textContent).toContain('1.2 V2: left out; it counts for nobody. Because: a misprint')
})

test('what to try first is said, and how a box is worked is fetched when it is asked for', async () => {
  const wrong = finding('R1', 'wrong')
  const step = { text: 'I1 = 12/6 = 2 A', symbol: '<mi>I</mi>', formula: '', substitution: '', result: '2 A' }
  const entry = { lines: [{ text: step.text, step, points: ['answer'] }], accepted: '1.99 A to 2.01 A' }
  const next = { box: '1/R1', number: '1.1', name: 'current of R1', led: 2 }
  const { asked } = shown(
    <Feedback />,
    ({ path }) =>
      path.endsWith('/model') ? { boxes: [{ box: '1/R1', entry }] } : { ...feedback([wrong], 2), next },
    { at: '/work/7/feedback', pattern: '/work/:workId/feedback' },
  )
  expect(await screen.findByText(/Try this again first: 1.1 current of R1. 2 other answers/)).toBeTruthy()
  const details = document.querySelector('details')!
  expect(screen.queryByText(/Also right/)).toBeNull()
  details.open = true
  fireEvent(details, new Event('toggle'))
  expect(await screen.findByText('Also right: 1.99 A to 2.01 A.')).toBeTruthy()
  expect(asked.filter((one) => one.path.endsWith('/model'))).toHaveLength(1)
})

test('while it may be tried again nothing is told of how it is worked, and every attempt can be gone to', async () => {
  const attempts = [1, 2].map((number) => ({
    number,
    sentAt: '2026-01-01T08:00:00Z',
    marks: number,
    counts: number === 2,
  }))
  const wrong = [finding('R1', 'wrong')]
  open({ ...feedback(wrong, 0), whole: false, attempts })
  const back = await screen.findByText('To the sheet')
  expect(back.getAttribute('href')).toBe('/work/7')
  expect(screen.queryByText('How it is worked')).toBeNull()
  expect(screen.getByText('attempt 1: 1 of 5').getAttribute('aria-current')).toBe('page')
  const other = screen.getByText('attempt 2: 2 of 5')
  expect(other.getAttribute('href')).toBe('/work/7/feedback?attempt=2')
})
