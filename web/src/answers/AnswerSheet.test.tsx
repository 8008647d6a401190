import { MantineProvider } from '@mantine/core'
import { QueryClient, QueryClientProvider } from '@tanstack/react-query'
import { act, fireEvent, render, screen } from '@testing-library/react'
import { createMemoryRouter, RouterProvider } from 'react-router'
import { afterEach, beforeEach, expect, test, vi } from 'vitest'
import type { Schemas } from '../api/client'
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
  words: 'R1 and R2 in series',
  scene: { width: 100, height: 100, lines: [], circles: [], texts: [], areas: [] },
  given: [],
  boxes: [box('R1', '2'), box('R2')],
} as unknown as Schemas['SheetView']

/** What the server is asked, and what it says; a number is a status with a problem, 0 a broken line. */
let asked: { method: string; path: string; body: { revision: number; answers: { text: string }[] } }[]
let says: (method: string, path: string) => object | number

beforeEach(() => {
  asked = []
  says = (method) =>
    method === 'GET' ? sheet : { revision: 4, keptAt: '2026-01-01T08:01:00Z', readings: [] }
  vi.stubGlobal('fetch', async (request: Request) => {
    const path = new URL(request.url).pathname
    if (request.method !== 'GET')
      asked.push({ method: request.method, path, body: await request.clone().json() })
    const answer = says(request.method, path)
    if (answer === 0) throw new TypeError('broken line')
    const status = typeof answer === 'number' ? answer : 200
    const problem = { detail: 'This sheet was changed in another tab.', title: 'Conflict' }
    return new Response(JSON.stringify(status === 200 ? answer : problem), {
      status,
      headers: { 'Content-Type': 'application/json' },
    })
  })
})

afterEach(() => vi.unstubAllGlobals())

async function open() {
  const router = createMemoryRouter([{ path: '/work/:workId', element: <AnswerSheet /> }], {
    initialEntries: ['/work/7'],
  })
  render(
    <MantineProvider env="test">
      <QueryClientProvider client={new QueryClient({ defaultOptions: { queries: { retry: false } } })}>
        <RouterProvider router={router} />
      </QueryClientProvider>
    </MantineProvider>,
  )
  await screen.findByText('Boot dryer')
  return document.querySelectorAll<HTMLInputElement>('input[data-box]')
}

const soon = (check: () => void) => act(() => vi.waitFor(check, { timeout: 15_000 }))
const kept = () => screen.getByTestId('kept').textContent

test('what is typed is kept once typing pauses, on top of the revision it was begun from', async () => {
  const boxes = await open()
  expect(boxes[0]!.value).toBe('2')
  fireEvent.change(boxes[1]!, { target: { value: '0.' } })
  fireEvent.change(boxes[1]!, { target: { value: '0.5' } })
  expect(kept()).toBe('keeping…')
  await soon(() => expect(kept()).toMatch(/^kept /))
  expect(asked.map((one) => one.method)).toEqual(['PUT'])
  expect(asked[0]!.body.revision).toBe(3)
  expect(asked[0]!.body.answers.map((answer) => answer.text)).toEqual(['2', '0.5'])
  fireEvent.change(boxes[1]!, { target: { value: '0.6' } })
  await soon(() => expect(asked[1]?.body.revision).toBe(4))
})

test('a broken line loses nothing: it is said, and what was typed is kept when the line is back', async () => {
  const boxes = await open()
  says = () => 0
  fireEvent.change(boxes[1]!, { target: { value: '0.5' } })
  await soon(() => expect(kept()).toContain('not kept yet'))
  expect(boxes[1]!.value).toBe('0.5')
  says = () => ({ revision: 4, keptAt: '2026-01-01T08:01:00Z', readings: [] })
  await soon(() => expect(kept()).toMatch(/^kept /))
})

test('the older of two tabs is told, and overwrites nothing', async () => {
  const boxes = await open()
  says = () => 409
  fireEvent.change(boxes[0]!, { target: { value: '9' } })
  await soon(() => expect(screen.getByRole('alert').textContent).toContain('changed in another tab'))
  expect(screen.getByRole('alert').querySelector('a')?.getAttribute('href')).toBe('/work/7')
})

test('Enter goes from box to box and then to sending, which says what is missing', async () => {
  const boxes = await open()
  boxes[0]!.focus()
  fireEvent.keyDown(boxes[0]!, { key: 'Enter' })
  expect(document.activeElement).toBe(boxes[1])
  fireEvent.keyDown(boxes[1]!, { key: 'Enter' })
  expect(document.activeElement?.id).toBe('send')
  fireEvent.click(document.activeElement!)
  expect(await screen.findByText(/1 box is still empty/)).toBeTruthy()
})
