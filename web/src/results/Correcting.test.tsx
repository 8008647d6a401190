import { fireEvent, screen, waitFor, within } from '@testing-library/react'
import { expect, test } from 'vitest'
import { shown } from '../test/shown'
import Correcting from './Correcting'

const assignment = {
  id: 9,
  title: 'Boot dryer',
  classroomId: 2,
  classroom: 'Workshop class',
  released: true,
}
const boxes = [
  { box: '1/1.1', number: '1.1', name: 'I1', task: '0/1.1', marks: 3, fate: 'counts' },
  { box: '1/1.2-1', number: '1.2', name: 'V1', task: '0/1.2', marks: 1, fate: 'counts' },
  { box: '1/1.2-2', number: '1.2', name: 'V2', task: '0/1.2', marks: 1, fate: 'counts' },
]
const fresh = {
  revision: 0,
  done: 3,
  of: 3,
  boxes,
  things: [{ question: 1, thing: 'R1', name: 'heater', value: '4 Ω' }],
  history: [] as object[],
}
const learner = { id: 1, displayName: 'A. Alder', username: 'learner1' }

/** Every request that changes or looks, and what the screen is then. */
function open(at = '/results/2/9/memo?box=1%2F1.1') {
  const sent: { path: string; body: unknown }[] = []
  let view = fresh
  shown(
    <Correcting />,
    ({ method, path, body }) => {
      if (method === 'GET')
        return path.endsWith('/corrections') ? view : { assignment, learners: [], working: [] }
      sent.push({ path, body })
      if (path.endsWith('/preview'))
        return {
          correction: body,
          totalBefore: 5,
          total: 4,
          changes: [
            {
              learner,
              before: 2,
              after: 5,
              boxes: [{ number: '1.1', name: 'I1', text: '1.5 A', before: 0, after: 3 }],
            },
          ],
          same: 2,
          kept: 1,
          more: 3,
        }
      const { correction, reason } = body as { correction: object; reason: string }
      const entry = {
        revision: 1,
        correction,
        asked: ['1.1 I1'],
        reason,
        by: 'M. Teal',
        at: '2026-11-03T10:00:00Z',
        takenBack: false,
      }
      view = { ...fresh, revision: 1, history: [entry] }
      return view
    },
    { at, pattern: '/results/:classId/:assignmentId/memo' },
  )
  return sent
}

test('what changes is seen learner by learner before it is done, and then stands in the history', async () => {
  const sent = open()
  fireEvent.change(await screen.findByLabelText('Answer that is accepted'), {
    target: { value: '1.4 to 1.6 A' },
  })
  fireEvent.click(screen.getByRole('button', { name: 'See what changes' }))
  const row = (await screen.findByRole('rowheader', { name: 'A. Alder' })).closest('tr')!
  expect(within(row).getByText('1.1 I1: “1.5 A” 0 → 3')).toBeTruthy()
  expect(screen.getByText('The paper has 4 marks then, not 5.')).toBeTruthy()
  expect(
    screen.getByText(/1 sheet would be marked otherwise. 2 sheets stay as they are. For 1 answer/),
  ).toBeTruthy()
  expect(screen.getByText(/3 further sheets are not looked at here/)).toBeTruthy()
  expect(screen.getByText(/handed back already/)).toBeTruthy()
  const correction = { kind: 'accept', boxes: ['1/1.1'], text: '1.4 to 1.6 A', points: null }
  expect(sent.map((one) => one.body)).toEqual([correction])
  fireEvent.change(screen.getByLabelText('Reason, for the learners to read'), {
    target: { value: 'the meter reads so' },
  })
  fireEvent.click(screen.getByRole('button', { name: 'Put it right and mark anew' }))
  expect(await screen.findByText('1.1 I1: 1.4 to 1.6 A is accepted too, for 0 marks.')).toBeTruthy()
  const head = screen.getByRole('heading', { name: 'Put right so far' })
  await waitFor(() => expect(document.activeElement).toBe(head))
  expect(sent[1]!.body).toEqual({ correction, reason: 'the meter reads so', revision: 0 })
  fireEvent.click(screen.getByRole('button', { name: 'Take it back' }))
  await screen.findByRole('rowheader', { name: 'A. Alder' })
  expect(screen.queryByLabelText('Answer that is accepted')).toBeNull()
  expect(sent[2]!.body).toEqual({ kind: 'back' })
})

test('a change of mind before it is done asks for another look', async () => {
  const sent = open()
  fireEvent.change(await screen.findByLabelText('What is to be put right'), {
    target: { value: 'leave-out' },
  })
  fireEvent.change(screen.getByLabelText('Box'), { target: { value: '1/1.2-1' } })
  fireEvent.click(screen.getByLabelText('All 2 boxes of 1.2'))
  fireEvent.click(screen.getByRole('button', { name: 'See what changes' }))
  await screen.findByRole('rowheader', { name: 'A. Alder' })
  fireEvent.click(screen.getByLabelText('All 2 boxes of 1.2'))
  expect(screen.queryByRole('rowheader', { name: 'A. Alder' })).toBeNull()
  expect(screen.queryByRole('button', { name: 'Put it right and mark anew' })).toBeNull()
  expect(sent[0]!.body).toEqual({ kind: 'leave-out', boxes: ['1/1.2-1', '1/1.2-2'] })
  fireEvent.change(screen.getByLabelText('What is to be put right'), { target: { value: 'value' } })
  fireEvent.change(screen.getByLabelText('Right value'), { target: { value: '10' } })
  fireEvent.click(screen.getByRole('button', { name: 'See what changes' }))
  await screen.findByRole('rowheader', { name: 'A. Alder' })
  expect(sent[1]!.body).toEqual({ kind: 'value', question: 1, thing: 'R1', value: '10' })
})
