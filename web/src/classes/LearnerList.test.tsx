import { fireEvent, screen, waitFor } from '@testing-library/react'
import { expect, test } from 'vitest'
import { answer, shown, type Asked } from '../test/shown'
import { LearnerList } from './LearnerList'

const elm = { id: 5, displayName: 'E. Elm', username: 'learner5' }

const open = (
  learners: (typeof elm)[],
  says: (asked: Asked) => object = () => ({}),
  former: (typeof elm)[] = [],
) =>
  shown(
    <LearnerList
      classroom={{ id: 2, name: 'Hut class', archived: false, own: true, learners, former, teachers: [] }}
    />,
    says,
  )

const fill = (label: string, value: string) =>
  fireEvent.change(screen.getByLabelText(label), { target: { value } })
const field = (label: string) => screen.getByLabelText<HTMLInputElement>(label).value

async function choose(item: string) {
  fireEvent.click(screen.getByRole('button', { name: 'More about E. Elm' }))
  fireEvent.click(await screen.findByRole('menuitem', { name: item }))
}

test('a name that is taken is said, and what was typed stays', async () => {
  open([], () => answer(409, { detail: 'The sign-in name “learner5” is taken.' }))
  expect(screen.getByText(/^No learners yet/)).toBeTruthy()
  fill('Name to show', 'E. Elm')
  fill('Sign-in name', 'learner5')
  fireEvent.click(screen.getByRole('button', { name: 'Add' }))
  expect((await screen.findByRole('alert')).textContent).toContain('is taken')
  expect(field('Name to show')).toBe('E. Elm')
})

test('a new password asks first, says what went wrong, and stands in the row with a slip', async () => {
  let broken = true
  const { sent } = open([elm], () =>
    broken ? new TypeError('broken line') : { learner: elm, password: 'cairn-ridge-7' },
  )
  await choose('New password…')
  expect(await screen.findByText(/stops working/)).toBeTruthy()
  expect(sent()).toEqual([])
  const yes = () => fireEvent.click(screen.getByRole('button', { name: 'Make a new password' }))
  yes()
  expect((await screen.findByRole('alert')).textContent).toContain('The server cannot be reached')
  broken = false
  yes()
  const row = (await screen.findAllByText('cairn-ridge-7'))[0]!.closest('li')!
  expect(row.textContent).toContain('E. Elm')
  expect(row.textContent).toContain('Slip')
})

test('taking a learner out asks first; who was taken out is put back', async () => {
  const { sent } = open([elm], () => ({}), [{ ...elm, id: 6, displayName: 'F. Fir' }])
  await choose('Take out of the class…')
  expect(await screen.findByText(/stays kept/)).toBeTruthy()
  expect(sent()).toEqual([])
  fireEvent.click(screen.getByRole('button', { name: 'Take out' }))
  await waitFor(() => expect(sent()).toEqual(['DELETE /api/classes/2/learners/5']))
  fireEvent.click(screen.getByRole('button', { name: 'Bring back: F. Fir', hidden: true }))
  await waitFor(() => expect(sent()[1]).toBe('PUT /api/classes/2/learners/6'))
})

test('a pasted list is looked at before anybody comes in, and then each has a password to be printed', async () => {
  const listed = [{ displayName: 'E. Elm', username: 'e.elm', note: '“elm” cannot be had; “e.elm” can' }]
  const { sent } = open([elm], ({ path }) =>
    path.endsWith('reading') ? listed : [{ learner: elm, password: 'cairn-ridge-7' }],
  )
  fireEvent.click(screen.getByRole('button', { name: 'Paste a list…' }))
  fireEvent.change(await screen.findByLabelText('One learner a line'), { target: { value: 'E. Elm, elm' } })
  fireEvent.click(screen.getByRole('button', { name: 'Read the list' }))
  expect(await screen.findByText(/“elm” cannot be had/)).toBeTruthy()
  fireEvent.click(screen.getByRole('button', { name: 'Take 1 learner in' }))
  expect((await screen.findAllByText('cairn-ridge-7')).length).toBeGreaterThan(0)
  expect(sent()).toEqual([
    'POST /api/classes/2/learners/reading {"text":"E. Elm, elm"}',
    'POST /api/classes/2/learners/list {"learners":[{"displayName":"E. Elm","username":"e.elm"}]}',
  ])
})
