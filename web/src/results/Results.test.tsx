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
  expect(links.map((link) => link.textContent)).toEqual([
    'A. Alder, Boot dryer: sent 7 of 8',
    'B. Birch, Boot dryer: sent late 0 of 8 · sent late',
    'C. Cedar, Boot dryer: working …',
  ])
  expect(links[1]!.getAttribute('href')).toBe('/results/2/9/2')
})

test('a class that was handed nothing says so', async () => {
  open({ ...results, assignments: [], rows: [] })
  expect(await screen.findByText('Nothing was handed out to this class yet.')).toBeTruthy()
})

const viewed = (working: object[]) => ({
  assignment: { ...dryer, working: working.length },
  learners: [],
  working,
})
const cedar = {
  learner: { id: 3, displayName: 'C. Cedar', username: 'learner3' },
  filled: 2,
  boxes: 5,
  keptAt: '2026-01-01T08:02:00Z',
}

test('handing back says who is working, collects only what was asked about, and can be taken back', async () => {
  let working = [cedar] as object[]
  const { sent } = shown(
    <Results />,
    ({ method, path }) =>
      method !== 'GET'
        ? path.endsWith('release') && method === 'POST' && working.length > 1
          ? answer(409, { detail: 'Still being worked on by D. Dogwood.', reason: 'working' })
          : {}
        : path === '/api/assignments/9'
          ? viewed(working)
          : results,
    { at: '/results/2', pattern: '/results/:classId' },
  )
  fireEvent.click(await screen.findByRole('button', { name: 'Hand back to learners' }))
  expect(await screen.findByText(/^C. Cedar: 2 of 5 boxes, kept /)).toBeTruthy()
  expect(sent()).toEqual([])
  expect(screen.getByRole('button', { name: 'Wait' })).toBeTruthy()
  working = [cedar, { ...cedar, learner: { id: 4, displayName: 'D. Dogwood', username: 'learner4' } }]
  const yes = () => screen.getByRole('button', { name: /^Collect/ })
  fireEvent.click(yes())
  expect((await screen.findByRole('alert')).textContent).toContain('D. Dogwood')
  working = []
  await waitFor(() => expect(screen.queryByRole('button', { name: /^Collect/ })).toBeNull(), {
    timeout: 9_000,
  })
  fireEvent.click(screen.getAllByRole('button', { name: 'Hand back to learners' }).at(-1)!)
  fireEvent.click(await screen.findByRole('button', { name: 'Take it back' }))
  await waitFor(() =>
    expect(sent().slice(1)).toEqual([
      'POST /api/assignments/9/release {"collect":false}',
      'DELETE /api/assignments/9/release',
    ]),
  )
})
