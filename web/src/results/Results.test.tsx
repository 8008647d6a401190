import { fireEvent, screen, waitFor } from '@testing-library/react'
import { expect, test } from 'vitest'
import { answer, shown, type Asked } from '../test/shown'
import Results from './Results'

const dryer = {
  id: 9,
  title: 'Boot dryer',
  classroomId: 2,
  classroom: 'Workshop class',
  dueAt: '2999-01-01T08:00:00Z',
  released: false,
  learners: 3,
  sent: 2,
  working: 1,
  total: 8,
}
const row = (id: number, displayName: string, cell: object) => ({
  learner: { id, displayName, username: `learner${id}` },
  cells: [{ late: false, marks: null, ...cell }],
})
const results = {
  classroom: 'Workshop class',
  assignments: [dryer],
  rows: [
    row(1, 'A. Alder', { state: 'sent', marks: 7 }),
    row(2, 'B. Birch', { state: 'sent', marks: 0, late: true }),
    row(3, 'C. Cedar', { state: 'working' }),
  ],
}

const open = (says: object, changes: (asked: Asked) => object = () => ({})) =>
  shown(<Results />, (asked) => (asked.method === 'GET' ? says : changes(asked)), {
    at: '/results/2',
    pattern: '/results/:classId',
  })

test('each sheet says in words what its number means, and leads to it', async () => {
  open(results)
  const links = await screen.findAllByRole('link')
  expect(links.map((link) => link.getAttribute('aria-label'))).toEqual([
    'A. Alder, Boot dryer: sent, 7 marks',
    'B. Birch, Boot dryer: sent late, 0 marks',
    'C. Cedar, Boot dryer: working',
  ])
  expect(links.map((link) => link.textContent)).toEqual(['7 of 8', '0 of 8 · sent late', '…'])
  expect(links[1]!.getAttribute('href')).toBe('/results/2/9/2')
})

test('a class that was handed nothing says so', async () => {
  open({ ...results, assignments: [], rows: [] })
  expect(await screen.findByText('Nothing was handed out to this class yet.')).toBeTruthy()
})

test('handing back asks first, with what it costs, and says when it cannot be done', async () => {
  let refused = true
  const { sent } = open(results, () =>
    refused ? answer(409, { detail: 'It was handed back already.' }) : {},
  )
  fireEvent.click(await screen.findByRole('button', { name: 'Hand back to learners' }))
  expect(await screen.findByText(/1 of 3 have not sent it/)).toBeTruthy()
  expect(sent()).toEqual([])
  const yes = () => screen.getAllByRole('button', { name: 'Hand back to learners' }).at(-1)!
  fireEvent.click(yes())
  expect((await screen.findByRole('alert')).textContent).toBe('It was handed back already.')
  refused = false
  fireEvent.click(yes())
  await waitFor(() => expect(screen.queryByText(/1 of 3 have not sent it/)).toBeNull())
  expect(sent().at(-1)).toBe('POST /api/assignments/9/release')
})
