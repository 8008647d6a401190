import { fireEvent, screen, waitFor } from '@testing-library/react'
import { expect, test } from 'vitest'
import { answer, shown } from '../test/shown'
import Classes from './Classes'
import { AssignmentList } from './AssignmentList'
import type { Schemas } from '../api/client'

test('a class is made, listed with its learners, and leads to its screen', async () => {
  const classes = [{ id: 1, name: 'Hut class', learners: 1, own: true, archived: false }]
  const { sent } = shown(<Classes />, ({ method, body }) => {
    if (method === 'POST')
      classes.push({ id: 2, name: (body as { name: string }).name, learners: 8, own: true, archived: false })
    return method === 'POST' ? { id: 2 } : classes
  })
  expect((await screen.findByRole('link', { name: /Hut class 1 learner$/ })).getAttribute('href')).toBe(
    '/classes/1',
  )
  const name = screen.getByLabelText<HTMLInputElement>('Name of the class')
  fireEvent.change(name, { target: { value: 'Night class' } })
  fireEvent.click(screen.getByRole('button', { name: 'Make class' }))
  expect(await screen.findByRole('link', { name: /Night class 8 learners/ })).toBeTruthy()
  expect(sent()).toEqual(['POST /api/classes {"name":"Night class"}'])
  expect(name.value).toBe('')
})

test('a name that is refused stays to be mended', async () => {
  shown(<Classes />, ({ method }) =>
    method === 'POST' ? answer(400, { detail: 'The class needs a name.' }) : [],
  )
  expect(await screen.findByText('No class yet.')).toBeTruthy()
  const name = screen.getByLabelText<HTMLInputElement>('Name of the class')
  fireEvent.change(name, { target: { value: '  ' } })
  fireEvent.click(screen.getByRole('button', { name: 'Make class' }))
  await waitFor(() => expect(screen.getByText('The class needs a name.')).toBeTruthy())
  expect(name.value).toBe('  ')
})

test('of each assignment it is told how many are where, and whether it was handed back', () => {
  const one = (id: number, more: object) =>
    ({
      id,
      title: `Sheet ${id}`,
      dueAt: '2999-01-01T08:00:00Z',
      released: false,
      open: true,
      again: 0,
      sentAgain: 0,
      learners: 8,
      working: 2,
      sent: 5,
      ...more,
    }) as Schemas['AssignmentSummary']
  shown(
    <AssignmentList assignments={[one(1, {}), one(2, { released: true, sent: 8, working: 0 })]} />,
    () => [],
  )
  const items = screen.getAllByRole('listitem').map((item) => item.textContent)
  expect(items[0]).toContain('5 sent · 2 working · 1 not begun')
  expect(items[0]).toContain('Due')
  expect(items[1]).toContain('handed back')
  expect(items[1]).toContain('8 sent · 0 working · 0 not begun')
})
