import { fireEvent, screen, waitFor } from '@testing-library/react'
import { expect, test, vi } from 'vitest'
import { answer, shown, type Asked } from '../test/shown'
import { AttemptsDialog } from './AttemptsDialog'

const trier = (id: number, marks: number | null, more: object = {}) => ({
  learner: { id, displayName: `Learner ${id}`, username: `learner${id}` },
  number: 1,
  marks,
  again: null,
  dueAt: null,
  ...more,
})
const view = {
  assignment: { id: 9, title: 'Boot dryer', total: 10, counts: 'best', released: false },
  variants: 1,
  learners: [
    trier(1, 9),
    trier(2, 4),
    trier(3, 2, { number: 2, again: 'not-begun', dueAt: '2999-01-01T00:00:00Z' }),
  ],
}

function open(says: (asked: Asked) => object) {
  const onClose = vi.fn()
  return { onClose, ...shown(<AttemptsDialog assignmentId={9} onClose={onClose} />, says) }
}

test('those with less than half are let try again in two acts, and back in one', async () => {
  const { sent, onClose } = open(() => view)
  fireEvent.click(await screen.findByText('With less than half (1)'))
  fireEvent.click(screen.getByText('Let 1 try again'))
  await waitFor(() => expect(onClose).toHaveBeenCalled())
  expect(sent()[0]).toMatch(
    /^POST \/api\/assignments\/9\/attempts \{"learners":\[2\],"dueAt":"[^"]+","shown":true,"otherValues":false,"counts":"best"\}$/,
  )
  fireEvent.click(await screen.findByText('Undo'))
  await waitFor(() => expect(sent()[1]).toBe('DELETE /api/assignments/9/attempts'))
})

test('who can write already is given another time, or has what was not begun taken back', async () => {
  const { sent } = open(() => view)
  fireEvent.click(await screen.findByLabelText('Learner 3'))
  fireEvent.click(screen.getByText('Let 1 write until then'))
  expect(await screen.findByText('1 learner has another due time.')).toBeTruthy()
  expect(sent()[0]).toContain('POST /api/assignments/9/attempts {"learners":[3]')
})

test('what was not begun is taken back', async () => {
  const { sent } = open(() => view)
  await screen.findByLabelText('Learner 3')
  fireEvent.click(screen.getByLabelText('Take the attempt of Learner 3 back'))
  await waitFor(() => expect(sent()).toEqual(['DELETE /api/assignments/9/attempts']))
})

test('what counts is changed without another attempt; a refusal is said and loses nothing', async () => {
  const { sent } = open(({ method }) =>
    method === 'POST'
      ? answer(409, { status: 409, detail: 'Learner 1 has a sheet to write on already.' })
      : view,
  )
  const save = (await screen.findByText('Save')).closest('button')!
  expect(save.disabled).toBe(true)
  fireEvent.change(screen.getByLabelText('Which attempt counts, for all'), { target: { value: 'last' } })
  fireEvent.click(save)
  expect(await screen.findByText('Learner 1 has a sheet to write on already.')).toBeTruthy()
  expect(sent()[0]).toContain('"learners":[],"shown":true,"otherValues":false,"counts":"last"')
  expect(screen.getByLabelText<HTMLSelectElement>('Which attempt counts, for all').value).toBe('last')
})
