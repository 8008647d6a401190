import { act, cleanup, fireEvent, screen } from '@testing-library/react'
import { beforeEach, expect, test, vi } from 'vitest'
import type { Schemas } from '../api/client'
import { deviceCopies } from '../keeping/deviceCopy'
import { answer, shown, type Asked } from '../test/shown'
import AnswerSheet from './AnswerSheet'

const ID = { R1: '1/1.1-1', R2: '1/1.1-2' }
const box = (subject: keyof typeof ID, text = '') => ({
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
const questions = (...boxes: object[]) => [
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
const sheet = {
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

const WREN = { username: 'wren', displayName: 'Wren', role: 'learner', empty: false }
const kept = { revision: 4, keptAt: '2026-01-01T08:01:00Z', readings: [] }
let says: (asked: Asked) => object

beforeEach(() => {
  says = ({ method }) => (method === 'GET' ? sheet : kept)
})

async function open() {
  const { asked, queries } = shown(
    <AnswerSheet />,
    (one) => (one.path === '/api/session' && says(one) === sheet ? WREN : says(one)),
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
  await soon(() => expect(state()).toContain('Not kept yet'))
  expect(boxes[1]!.value).toBe('0.5')
  says = () => kept
  await soon(() => expect(state()).toMatch(/^kept /))
})

const elsewhere = (answers: object[]) =>
  answer(409, {
    detail: 'This sheet was changed in another tab.',
    reason: 'changed-elsewhere',
    revision: 9,
    keptAt: '2026-01-01T09:00:00Z',
    answers,
  })

test('what another tab wrote into other boxes is joined, and both are kept', async () => {
  const { boxes, sent } = await open()
  let told = false
  says = () => {
    if (told) return kept
    told = true
    return elsewhere([
      { box: ID.R1, text: '2' },
      { box: ID.R2, text: '7' },
    ])
  }
  fireEvent.change(boxes[0]!, { target: { value: '9' } })
  await soon(() => expect(sent()).toHaveLength(2))
  expect(sent()[1]!.body.revision).toBe(9)
  expect(sent()[1]!.body.answers.map(({ text }) => text)).toEqual(['9', '7'])
  expect(boxes[1]!.value).toBe('7')
})

test('where both wrote into one box the learner chooses, and nothing is sent before', async () => {
  const { boxes, sent } = await open()
  says = () => elsewhere([{ box: ID.R1, text: '5' }])
  fireEvent.change(boxes[0]!, { target: { value: '9' } })
  fireEvent.change(boxes[1]!, { target: { value: '8' } })
  const there = await screen.findByLabelText(/^elsewhere at .*: 5$/)
  expect(sent()).toHaveLength(1)
  says = () => kept
  fireEvent.click(there)
  fireEvent.click(screen.getByRole('button', { name: 'Go on with these' }))
  await soon(() => expect(sent()).toHaveLength(2))
  expect(sent()[1]!.body.answers.map(({ text }) => text)).toEqual(['5', '8'])
})

test('what did not reach the server is on the device for who wrote it, and goes on from there', async () => {
  const { boxes } = await open()
  says = () => new TypeError('broken line')
  fireEvent.change(boxes[1]!, { target: { value: '0.5' } })
  await soon(() => expect(state()).toContain('Not kept yet'))
  cleanup()
  const broken = new TypeError('broken line')
  says = (asked) =>
    asked.path === '/api/session' ? { username: 'rook' } : asked.method === 'GET' ? sheet : broken
  expect((await open()).boxes[1]!.value).toBe('')
  cleanup()
  says = (asked) => (asked.path === '/api/session' ? WREN : asked.method === 'GET' ? sheet : kept)
  const again = await open()
  expect(again.boxes[1]!.value).toBe('0.5')
  await soon(() => expect(again.sent()).toHaveLength(1))
  await soon(() => expect(localStorage).toHaveLength(0))
})

test('what an earlier version left on the device, by cell, is on its boxes', async () => {
  const copy = { value: { 'R1 current': '2', 'R2 current': '0.7' }, base: { 'R1 current': '2' }, revision: 3 }
  deviceCopies.write('wren', 'sheet 7', copy)
  const { boxes, sent } = await open()
  expect([...boxes].map(({ value }) => value)).toEqual(['2', '0.7'])
  await soon(() => expect(sent()).toHaveLength(1))
  expect(sent()[0]!.body.answers).toEqual([
    { box: ID.R1, text: '2' },
    { box: ID.R2, text: '0.7' },
  ])
})

test('sending never waits for the network to come back, and what was called off is not sent later', async () => {
  const { sent } = await open()
  says = () => new TypeError('broken line')
  fireEvent.click(screen.getByRole('button', { name: 'Send' }))
  await screen.findByText(/^Send now\?/)
  fireEvent.click(screen.getAllByRole('button', { name: 'Send' }).at(-1)!)
  await screen.findByText(/The server cannot be reached/)
  fireEvent.click(screen.getByRole('button', { name: 'Cancel' }))
  says = () => kept
  act(() => void window.dispatchEvent(new Event('online')))
  await soon(() => expect(screen.queryByText(/^Send now/)).toBeNull())
  expect(sent().filter(({ method }) => method === 'POST')).toHaveLength(1)
})

test('when the teacher collects the sheet, who has it open is told and can write no more', async () => {
  const { boxes, queries } = await open()
  says = ({ method }) =>
    method === 'GET'
      ? { ...sheet, state: 'sent', collected: true, released: true, sentAt: '2026-01-01T08:02:00Z' }
      : kept
  await act(() => queries.invalidateQueries({ queryKey: ['work'] }))
  expect((await screen.findByRole('alert')).textContent).toContain('has collected this sheet as it stood')
  expect(screen.getByRole('link', { name: 'See what came of it' }).getAttribute('href')).toBe(
    '/work/7/feedback',
  )
  await soon(() => expect(boxes[0]!.readOnly).toBe(true))
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
  await soon(() => expect(document.activeElement?.textContent).toBe('Cancel'))
  fireEvent.click(screen.getByRole('button', { name: 'current of R2' }))
  await soon(() => expect(document.activeElement).toBe(boxes[1]))
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
    questions: questions(box('R1', '2'), box('R2', '0.5')),
  }
  says = () => done
  fireEvent.click(yes())
  await screen.findByText(/^Sent /)
  const last = sent()
    .filter(({ method }) => method === 'POST')
    .at(-1)!
  expect(last.path).toBe('/api/my/work/7/submission')
  expect(last.body.answers.map(({ text }) => text)).toEqual(['2', '0.5'])
  expect(document.querySelector<HTMLInputElement>('input[data-box]')!.readOnly).toBe(true)
})

test('who does not see the drawing hears the circuit as a nested list', async () => {
  await open()
  const network = screen.getByText('the network: R1 and R2, in series')
  expect([...network.querySelectorAll('li')].map((line) => line.textContent)).toEqual(['R1', 'R2'])
  expect(screen.getByRole('img', { name: /described in the list/ })).toBeTruthy()
})

const task = (number: string, state: number, ...boxes: object[]) => ({
  number,
  state,
  prompt: `Task ${number}.`,
  marks: boxes.length,
  boxes,
})
const formed = (id: string, form: string, name: string, things: string[] = []) => ({
  ...box('R1'),
  id,
  form,
  name,
  things,
  quantity: '',
  symbol: '',
  unit: '',
  reading: { box: id, shown: '', expected: '', lines: [] },
})

test('each form is answered as itself, and the drawing is that of the task one is at', async () => {
  const [question] = questions()
  const mixed = {
    ...sheet,
    questions: [
      {
        ...question,
        tasks: [
          task('1.1', 0, formed('1/1.1', 'joint', 'how they are joined')),
          task('1.2', 1, formed('1/1.2', 'things', 'with L1 out', ['L1', 'L2', 'L3'])),
          task('1.3', 1, formed('1/1.3', 'order', 'order', ['L1', 'L2', 'L3'])),
        ],
      },
    ],
  }
  says = ({ method, path }) => (path === '/api/session' ? WREN : method === 'GET' ? mixed : kept)
  const { sent } = await open()
  fireEvent.click(screen.getByRole('radio', { name: 'in parallel' }))
  const lamp = screen.getByRole('checkbox', { name: 'L2' })
  fireEvent.focus(lamp)
  expect(screen.getByRole('button', { name: 'S1 is closed' }).getAttribute('aria-pressed')).toBe('true')
  expect(screen.getByRole('list', { name: 'Given' }).textContent).toContain('1.5 A')
  fireEvent.click(lamp)
  fireEvent.click(screen.getByRole('checkbox', { name: 'L3' }))
  fireEvent.click(screen.getByRole('button', { name: 'first: L3' }))
  fireEvent.click(screen.getByRole('button', { name: 'equal to the last: L1' }))
  fireEvent.click(screen.getByRole('button', { name: 'next, smaller: L2' }))
  fireEvent.click(screen.getByRole('button', { name: 'Take the last back' }))
  await soon(() =>
    expect(sent().at(-1)?.body.answers).toEqual([
      { box: '1/1.1', text: 'in parallel' },
      { box: '1/1.2', text: 'L2, L3' },
      { box: '1/1.3', text: 'L3 = L1' },
    ]),
  )
  fireEvent.click(screen.getByRole('checkbox', { name: 'none' }))
  await soon(() => expect(sent().at(-1)?.body.answers[1]?.text).toBe('none'))
})

test('what a teacher puts right is there at once, and what is being written stays', async () => {
  const { boxes, queries } = await open()
  fireEvent.change(boxes[1]!, { target: { value: '0.5' } })
  const right = structuredClone(sheet)
  const r1 = { cell: { subject: 'R1', quantity: 'resistance' as const }, symbol: '<mi>R</mi>', shown: '6 Ω' }
  right.questions[0]!.states[0]!.given = [r1]
  says = ({ method }) => (method === 'GET' ? right : kept)
  await act(() => queries.invalidateQueries({ queryKey: ['work', 7] }))
  expect((await screen.findByRole('alert')).textContent).toContain('has put something right')
  expect(screen.getByLabelText('Given').textContent).toContain('6 Ω')
  expect(document.querySelectorAll<HTMLInputElement>('input[data-box]')[1]!.value).toBe('0.5')
})
