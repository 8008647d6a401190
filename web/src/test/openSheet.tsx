import { act, screen } from '@testing-library/react'
import { vi } from 'vitest'
import AnswerSheet from '../answers/AnswerSheet'
import type { Schemas } from '../api/client'
import { shown, type Asked } from './shown'

export const ID = { R1: '1/1.1-1', R2: '1/1.1-2' }
export const box = (subject: keyof typeof ID, text = '') => ({
  id: ID[subject],
  form: 'amount',
  quantity: 'current',
  symbol: `<mi>${subject}</mi>`,
  name: `current of ${subject}`,
  unit: 'A',
  marks: 1,
  things: [],
  text,
  reading: { box: ID[subject], shown: text && `${text} A`, expected: '', lines: [] },
})
export const questions = (...boxes: object[]) => [
  {
    stem: '',
    states: [
      {
        act: '',
        wordList: [
          { depth: 0, text: 'source with emf E' },
          { depth: 0, text: 'the network: R1 and R2, in series' },
          { depth: 1, text: 'R1' },
          { depth: 1, text: 'R2' },
        ],
        scene: { width: 100, height: 100, lines: [], circles: [], texts: [], areas: [] },
        given: [],
      },
      {
        act: 'S1 is closed.',
        wordList: [],
        scene: { width: 100, height: 100, lines: [], circles: [], texts: [], areas: [] },
        given: [{ cell: { subject: 'A1', quantity: 'current' }, symbol: '<mi>I</mi>', shown: '1.5 A' }],
      },
    ],
    tasks: [{ number: '1.1', state: 0, prompt: 'Fill in the chart.', marks: 2, boxes }],
  },
]
export const sheet = {
  id: 7,
  title: 'Boot dryer',
  classroom: 'Workshop class',
  dueAt: '2999-01-01T08:00:00Z',
  state: 'working',
  released: false,
  attempt: 1,
  again: false,
  earlier: 0,
  revision: 3,
  keptAt: '2026-01-01T08:00:00Z',
  sentAt: null,
  marks: 2,
  questions: questions(box('R1', '2'), box('R2')),
} as unknown as Schemas['SheetView']

export const WREN = { username: 'wren', displayName: 'Wren', role: 'learner', empty: false }
export const kept = { revision: 4, keptAt: '2026-01-01T08:01:00Z', readings: [] }
/** What the server answers, until a test has it answer otherwise. */
export const server: { says: (asked: Asked) => object } = { says: () => ({}) }

/** The server has the sheet and keeps what it is sent. */
export function served() {
  server.says = ({ method }) => (method === 'GET' ? sheet : kept)
}

export async function open() {
  const { asked, queries } = shown(
    <AnswerSheet />,
    (one) => (one.path === '/api/session' && server.says(one) === sheet ? WREN : server.says(one)),
    { at: '/work/7', pattern: '/work/:workId' },
  )
  await screen.findByText('Boot dryer')
  return {
    queries,
    boxes: document.querySelectorAll<HTMLInputElement>('input[data-box]'),
    sent: () =>
      asked.filter(({ method }) => method !== 'GET') as (Asked & {
        body: { revision: number; answers: { text: string }[] }
      })[],
  }
}

export const soon = (check: () => void) => act(() => vi.waitFor(check, { timeout: 15_000 }))
export const state = () => screen.getByTestId('kept').textContent
