import { act, fireEvent, screen } from '@testing-library/react'
import { beforeEach, expect, test, vi } from 'vitest'
import type { Schemas } from '../api/client'
import { answer, shown, type Asked } from '../test/shown'
import AnswerSheet from './AnswerSheet'

const cell = (subject: string) => ({ subject, quantity: 'current' }) as const
const box = (subject: string, text = '') => ({
  cell: cell(subject),
  symbol: `<mi>${subject}</mi>`,
  unit: 'A',
  marks: 1,
  text,
  reading: { cell: cell(subject), shown: text && `${text} A`, expected: '' },
})
const sheet = {
  id: 7,
  title: 'Boot dryer',
  classroom: 'Workshop class',
  dueAt: '2999-01-01T08:00:00Z',
  state: 'working',
  released: false,
  revision: 3,
  keptAt: '2026-01-01T08:00:00Z',
  sentAt: null,
  marks: 2,
  wordList: [
    { depth: 0, text: 'source with emf E' },
    { depth: 0, text: 'the network: R1 and R2, in series' },
    { depth: 1, text: 'R1' },
    { depth: 1, text: 'R2' },
  ],
  scene: { width: 100, height: 100, lines: [], circles: [], texts: [], areas: [] },
  given: [],
  boxes: [box('R1', '2'), box('R2')],
} as unknown as Schemas['SheetView']

const kept = { revision: 4, keptAt: '2026-01-01T08:01:00Z', readings: [] }
let says: (asked: Asked) => object

beforeEach(() => {
  says = ({ method }) => (method === 'GET' ? sheet : kept)
})

async function open() {
  const { asked } = shown(<AnswerSheet />, (one) => says(one), { at: '/work/7', pattern: '/work/:workId' })
  await screen.findByText('Boot dryer')
  return {
    boxes: document.querySelectorAll<HTMLInputElement>('input[data-box]'),
    sent: () =>
      asked.filter(({ method }) => method !== 'GET') as (Asked & {
        body: { revision: number; answers: { text: string }[] }
      })[],
  }
}

const soon = (check: () => void) => act(() => vi.waitFor(check, { timeout: 15_000 }))
const state = () => screen.getByTestId('kept').textContent

test('what is typed is kept once typing pauses, on top of the revision it was begun from', async () => {
  const { boxes, sent } = await open()
  expect(boxes[0]!.value).toBe('2')
  fireEvent.change(boxes[1]!, { target: { value: '0.' } })
  fireEvent.change(boxes[1]!, { target: { value: '0.5' } })
  expect(state()).toBe('keeping…')
  await soon(() => expect(state()).toMatch(/^kept /))
  expect(sent().map((one) => one.method)).toEqual(['PUT'])
  expect(sent()[0]!.body.revision).toBe(3)
  expect(sent()[0]!.body.answers.map(({ text }) => text)).toEqual(['2', '0.5'])
  fireEvent.change(boxes[1]!, { target: { value: '0.6' } })
  await soon(() => expect(sent()[1]?.body.revision).toBe(4))
})

test('a broken line loses nothing: it is said, and what was typed is kept when the line is back', async () => {
  const { boxes } = await open()
  says = () => new TypeError('broken line')
  fireEvent.change(boxes[1]!, { target: { value: '0.5' } })
  await soon(() => expect(state()).toContain('not kept yet'))
  expect(boxes[1]!.value).toBe('0.5')
  says = () => kept
  await soon(() => expect(state()).toMatch(/^kept /))
})

test('the older of two tabs is told, and overwrites nothing', async () => {
  const { boxes } = await open()
  says = () => answer(409, { title: 'Conflict', detail: 'This sheet was changed in another tab.' })
  fireEvent.change(boxes[0]!, { target: { value: '9' } })
  await soon(() => expect(screen.getByRole('alert').textContent).toContain('changed in another tab'))
  expect(screen.getByRole('alert').querySelector('a')?.getAttribute('href')).toBe('/work/7')
})

test('Enter goes from box to box and then to sending, which says what is missing', async () => {
  const { boxes } = await open()
  boxes[0]!.focus()
  fireEvent.keyDown(boxes[0]!, { key: 'Enter' })
  expect(document.activeElement).toBe(boxes[1])
  fireEvent.keyDown(boxes[1]!, { key: 'Enter' })
  expect(document.activeElement?.id).toBe('send')
  fireEvent.click(document.activeElement!)
  expect(await screen.findByText(/1 box is still empty/)).toBeTruthy()
})

test('a sheet is sent when the learner says so, with all that was typed; what goes wrong is said', async () => {
  const { boxes, sent } = await open()
  fireEvent.change(boxes[1]!, { target: { value: '0.5' } })
  says = () => new TypeError('broken line')
  fireEvent.click(screen.getByRole('button', { name: 'Send' }))
  const yes = () => screen.getAllByRole('button', { name: 'Send' }).at(-1)!
  await screen.findByText(/^Send now\?/)
  fireEvent.click(yes())
  expect((await screen.findByRole('alert')).textContent).toContain('What you wrote is still here.')
  expect(boxes[1]!.value).toBe('0.5')
  const done = {
    ...sheet,
    state: 'sent',
    sentAt: '2026-01-01T08:02:00Z',
    boxes: [box('R1', '2'), box('R2', '0.5')],
  }
  says = ({ method }) => (method === 'GET' ? done : kept)
  fireEvent.click(yes())
  await screen.findByText(/^Sent /)
  const last = sent().at(-1)!
  expect(`${last.method} ${last.path}`).toBe('POST /api/my/work/7/submission')
  expect(last.body.answers.map(({ text }) => text)).toEqual(['2', '0.5'])
  expect(document.querySelector<HTMLInputElement>('input[data-box]')!.readOnly).toBe(true)
})

test('who does not see the drawing hears the circuit as a nested list', async () => {
  await open()
  const network = screen.getByText('the network: R1 and R2, in series')
  expect([...network.querySelectorAll('li')].map((line) => line.textContent)).toEqual(['R1', 'R2'])
  expect(screen.getByRole('img', { name: /described in the list/ })).toBeTruthy()
})
