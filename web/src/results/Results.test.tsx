import { fireEvent, screen, waitFor } from '@testing-library/react'
import { expect, test, vi } from 'vitest'
import { answer, shown, type Asked } from '../test/shown'
import Results from './Results'

const dryer = {
  id: 9,
  title: 'Boot dryer',
  classroomId: 2,
  classroom: 'Workshop class',
  dueAt: '2999-01-01T08:00:00Z',
  released: false,
  open: true,
  again: 0,
  sentAgain: 0,
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
  const links = (await screen.findAllByRole('link')).slice(2)
  expect(links.map((link) => link.getAttribute('aria-label'))).toEqual([
    'A. Alder, Boot dryer: 7 of 8',
    'B. Birch, Boot dryer: 0 of 8 · sent late',
    'C. Cedar, Boot dryer: working',
  ])
  expect(links.map((link) => link.textContent)).toEqual(['7 of 8', '0 of 8 · sent late', '…'])
  expect(links[1]!.getAttribute('href')).toBe('/results/2/9/2')
})

test('a class that was handed nothing says so', async () => {
  open({ ...results, assignments: [], rows: [] })
  expect(await screen.findByText('Nothing was handed out to this class yet.')).toBeTruthy()
})

test('of a large class finished work is folded away, names are found, and only rows in sight are in the page', async () => {
  // The height of a screen, which there is none of here.
  vi.spyOn(HTMLElement.prototype, 'offsetHeight', 'get').mockReturnValue(600)
  const many = Array.from({ length: 40 }, (_, k) => ({
    ...dryer,
    id: k + 1,
    title: `Work ${k + 1}`,
    released: k < 36,
    open: k >= 36,
  }))
  const sixty = Array.from({ length: 60 }, (_, k) => ({
    learner: { id: k + 1, displayName: `L. Larch ${k + 1}`, username: `larch${k + 1}` },
    cells: many.map(() => ({ late: false, collected: false, marks: 4, state: 'sent' })),
  }))
  open({ classroom: 'Ridge class', assignments: many, rows: sixty })
  expect(await screen.findByRole('link', { name: 'Work 40' })).toBeTruthy()
  expect(screen.queryByRole('link', { name: 'Work 1' })).toBeNull()
  expect(screen.getAllByRole('row').length).toBeLessThan(40)
  fireEvent.click(screen.getByRole('button', { name: 'Show 36 that were handed back' }))
  expect(screen.getByRole('link', { name: 'Work 1' })).toBeTruthy()
  expect(document.querySelectorAll('*').length).toBeLessThan(4_000)
  fireEvent.change(screen.getByLabelText('Find'), { target: { value: 'larch 59' } })
  expect(await screen.findByRole('rowheader', { name: 'L. Larch 59' })).toBeTruthy()
  expect(screen.queryByRole('rowheader', { name: 'L. Larch 1' })).toBeNull()
})

test('what everybody still writes on can be handed back, what nobody has begun cannot', async () => {
  const written = { ...dryer, sent: 0, working: 1 }
  const untouched = { ...dryer, id: 10, title: 'Radio', sent: 0, working: 0 }
  const cell = { late: false, collected: false, marks: null, state: 'working' }
  const row = { learner: { id: 1, displayName: 'L. Larch', username: 'larch' }, cells: [cell, cell] }
  open({ classroom: 'Ridge class', assignments: [written, untouched], rows: [row] })
  expect(await screen.findByRole('link', { name: 'Radio' })).toBeTruthy()
  expect(screen.getAllByRole('button', { name: 'Hand back to learners' })).toHaveLength(1)
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

test('of several sheets each learner is seen over time, with gaps where none came in', async () => {
  const assignments = [dryer, { ...dryer, id: 10 }, { ...dryer, id: 11, total: 4 }]
  const cell = (marks: number | null) => ({
    late: false,
    state: marks === null ? 'not-begun' : 'sent',
    marks,
  })
  const alder = { learner: { id: 1, displayName: 'A. Alder', username: 'learner1' } }
  open({ ...results, assignments, rows: [{ ...alder, cells: [cell(8), cell(null), cell(1)] }] })
  const plot = await screen.findByRole('img', { name: '9 of 12 marks on 2 sheets' })
  expect(plot.querySelector('path')!.getAttribute('d')).toBe('M2.5 22v-22M12.5 22v-5.5')
})
