import { fireEvent, screen, waitFor } from '@testing-library/react'
import { expect, test } from 'vitest'
import { shown, type Asked } from '../test/shown'
import KeyIn from './KeyIn'

const assignment = {
  id: 9,
  title: 'Term test',
  classroomId: 2,
  classroom: 'Workshop class',
  released: false,
  open: true,
  again: 0,
  sentAgain: 0,
  total: 4,
}
const boxes = [
  { box: '1/1.1', number: '1.1', name: 'total current', form: 'amount', marks: 1 },
  { box: '1/1.2', number: '1.2', name: 'voltage across R1', form: 'amount', marks: 3 },
]
const right = [
  { box: '1/1.1', text: '2.00 A' },
  { box: '1/1.2', text: '6.00 V' },
]
const row = (id: number, name: string, more: object = {}) => ({
  learner: { id, username: name, displayName: name },
  state: 'not-begun',
  keyed: false,
  marks: null,
  variant: 'A',
  right,
  answers: [],
  ...more,
})
const sent = { state: 'sent', marks: 2, answers: [{ box: '1/1.1', text: '3 A' }] }

function open() {
  return shown(
    <KeyIn />,
    ({ method, path, body }: Asked) =>
      method === 'GET'
        ? { assignment, boxes, rows: [row(1, 'Alder'), row(2, 'Birch'), row(3, 'Cedar', sent)] }
        : row(Number(path.split('/').pop()), 'Alder', {
            ...sent,
            keyed: method === 'PUT',
            answers: (body as { answers: object[] })?.answers ?? [],
          }),
    { at: '/classes/2/keying/9', pattern: '/classes/:classId/keying/:assignmentId' },
  )
}

test('only what differs from right is typed, and Enter goes on and keeps the row at its end', async () => {
  const { sent: asked } = open()
  const first = await screen.findByLabelText('1.1 of Alder')
  expect(first.getAttribute('placeholder')).toBe('2.00 A')
  fireEvent.change(first, { target: { value: '5 A' } })
  fireEvent.keyDown(first, { key: 'Enter' })
  const second = screen.getByLabelText('1.2 of Alder')
  expect(document.activeElement).toBe(second)
  fireEvent.keyDown(second, { key: 'Enter' })
  expect(document.activeElement).toBe(screen.getByLabelText('1.1 of Birch'))
  await waitFor(() =>
    expect(asked()).toEqual([
      'PUT /api/assignments/9/keying/1 {"answers":[{"box":"1/1.1","text":"5 A"}],"right":["1/1.2"]}',
    ]),
  )
  await screen.findByText('2 / 4', { selector: '[data-learner=Alder] *' })
  fireEvent.click(screen.getByLabelText('Take back the row of Alder'))
  await waitFor(() => expect(asked()[1]).toBe('DELETE /api/assignments/9/keying/1'))
})

test('a hyphen is a box that was left empty: neither typed nor right', async () => {
  const { sent: asked } = open()
  fireEvent.change(await screen.findByLabelText('1.2 of Birch'), { target: { value: '-' } })
  fireEvent.click(screen.getByLabelText('Keep the row of Birch'))
  await waitFor(() =>
    expect(asked()).toEqual(['PUT /api/assignments/9/keying/2 {"answers":[],"right":["1/1.1"]}']),
  )
})

test('arrow keys go from row to row, and what a learner has sent is only read', async () => {
  open()
  const first = await screen.findByLabelText('1.2 of Alder')
  fireEvent.keyDown(first, { key: 'ArrowDown' })
  expect(document.activeElement).toBe(screen.getByLabelText('1.2 of Birch'))
  expect(screen.queryByLabelText('1.1 of Cedar')).toBeNull()
  expect(screen.getByText('3 A')).toBeTruthy()
})
