import { fireEvent, screen, waitFor } from '@testing-library/react'
import { expect, test } from 'vitest'
import { answer, shown, type Asked } from '../test/shown'
import Desk from './Desk'

const dryer = { id: 3, title: 'Boot dryer', notation: '16 V : R1=5 + R2=3', marks: 8, difficulty: 'easy' }
const handedOut = {
  id: 9,
  title: 'Boot dryer',
  classroomId: 2,
  classroom: 'Workshop class',
  dueAt: '2999-01-01T08:00:00Z',
  released: false,
  open: true,
  again: 0,
  sentAgain: 0,
  learners: 8,
  sent: 8,
  keyed: 0,
  working: 0,
}

function open(questions: object[], assignments: object[], changes: (asked: Asked) => object = () => ({})) {
  return shown(<Desk />, (asked) =>
    asked.method !== 'GET'
      ? changes(asked)
      : asked.path === '/api/questions'
        ? questions
        : asked.path === '/api/assignments'
          ? assignments
          : [],
  )
}

test('an empty desk says what to do first', async () => {
  open([], [])
  expect(await screen.findByText(/Type a circuit on the workbench/)).toBeTruthy()
  expect(await screen.findByText('Nothing is waiting for you.')).toBeTruthy()
})

test('sheets that are all in call for the teacher, those handed back do not', async () => {
  open([], [handedOut, { ...handedOut, id: 10, title: 'Beacon lamps', released: true, open: false }])
  expect((await screen.findByText(/^All sheets are in/)).closest('a')?.getAttribute('href')).toBe(
    '/results/2/9',
  )
  expect(screen.queryByText('Beacon lamps')).toBeNull()
})

test('what is said of work is true of a class of none, and of one that is late', async () => {
  open(
    [],
    [
      { ...handedOut, learners: 0, sent: 0 },
      { ...handedOut, id: 11, sent: 6, dueAt: '2001-01-01T08:00:00Z' },
    ],
  )
  expect(await screen.findByText('Nobody is in this class yet')).toBeTruthy()
  expect(screen.getByText(/^The due time is over and 2 sheets are missing/)).toBeTruthy()
})

test('a question that was removed is offered back', async () => {
  const { sent } = open([dryer], [])
  fireEvent.click(await screen.findByRole('button', { name: 'Remove Boot dryer' }))
  await screen.findByText(/was removed/)
  fireEvent.click(screen.getByRole('button', { name: 'Undo' }))
  await waitFor(() =>
    expect(sent()).toEqual(['DELETE /api/questions/3', 'POST /api/questions/3/restoration']),
  )
})

test('a question that cannot be removed is still there, and why is said', async () => {
  open([dryer], [], () => answer(409, { detail: 'This question was changed elsewhere.' }))
  fireEvent.click(await screen.findByRole('button', { name: 'Remove Boot dryer' }))
  expect(await screen.findByText('This question was changed elsewhere.')).toBeTruthy()
  expect(screen.getByText('Boot dryer')).toBeTruthy()
})

test('a list that cannot be fetched can be asked for again', async () => {
  let broken = true
  shown(<Desk />, ({ path }) =>
    path !== '/api/questions' ? [] : broken ? new TypeError('broken line') : [dryer],
  )
  expect((await screen.findByRole('alert')).textContent).toContain('The server cannot be reached.')
  broken = false
  fireEvent.click(screen.getByRole('button', { name: 'Try again' }))
  expect(await screen.findByText('Boot dryer')).toBeTruthy()
})

test('what waits stands under what is to be done with it, and what is missing can be keyed in', async () => {
  const over = { ...handedOut, id: 10, title: 'Over', sent: 5, dueAt: '2001-01-01T08:00:00Z' }
  const half = { ...over, id: 11, title: 'Half keyed in', keyed: 5, dueAt: '2999-01-01T08:00:00Z' }
  const soon = {
    ...half,
    id: 12,
    title: 'Soon',
    keyed: 0,
    dueAt: new Date(Date.now() + 3_600_000).toISOString(),
  }
  const later = { ...soon, id: 13, title: 'Later', dueAt: '2999-01-01T08:00:00Z' }
  open([], [later, soon, half, over])
  await screen.findByText('Over')
  const groups = screen.getAllByRole('heading', { level: 3 }).map((one) => one.textContent)
  expect(groups).toEqual(['To hand back', 'To key in', 'Due soon', 'Running'])
  expect(screen.getAllByText('Key in').map((one) => one.getAttribute('href'))).toEqual([
    '/classes/2/keying/10',
    '/classes/2/keying/11',
  ])
})
