import { act, fireEvent, screen } from '@testing-library/react'
import { beforeEach, expect, test } from 'vitest'
import { box, kept, open, questions, served, server, sheet, soon, WREN } from '../test/openSheet'

beforeEach(served)

test('sending never waits for the network to come back, and what was called off is not sent later', async () => {
  const { sent } = await open()
  server.says = () => new TypeError('broken line')
  fireEvent.click(screen.getByRole('button', { name: 'Send' }))
  await screen.findByText(/^Send now\?/)
  fireEvent.click(screen.getAllByRole('button', { name: 'Send' }).at(-1)!)
  await screen.findByText(/The server cannot be reached/)
  fireEvent.click(screen.getByRole('button', { name: 'Cancel' }))
  server.says = () => kept
  act(() => void window.dispatchEvent(new Event('online')))
  await soon(() => expect(screen.queryByText(/^Send now/)).toBeNull())
  expect(sent().filter(({ method }) => method === 'POST')).toHaveLength(1)
})

test('when the teacher collects the sheet, who has it open is told and can write no more', async () => {
  const { boxes, queries } = await open()
  server.says = ({ method }) =>
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
  server.says = () => new TypeError('broken line')
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
  server.says = () => done
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
  server.says = ({ method, path }) => (path === '/api/session' ? WREN : method === 'GET' ? mixed : kept)
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
  server.says = ({ method }) => (method === 'GET' ? right : kept)
  await act(() => queries.invalidateQueries({ queryKey: ['work', 7] }))
  expect((await screen.findByRole('alert')).textContent).toContain('has put something right')
  expect(screen.getByLabelText('Given').textContent).toContain('6 Ω')
  expect(document.querySelectorAll<HTMLInputElement>('input[data-box]')[1]!.value).toBe('0.5')
})
