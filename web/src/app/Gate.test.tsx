import { screen, within } from '@testing-library/react'
import { useLocation } from 'react-router'
import { expect, test } from 'vitest'
import { answer, shown } from '../test/shown'
import { Gate } from './Gate'

function Here() {
  return <p>at {useLocation().pathname}</p>
}

const session = (role: string | null, empty = false) => ({
  username: role && 'may',
  displayName: role && 'May Wren',
  role,
  empty,
})
const open = (said: object, at: string) =>
  shown(
    <>
      <Gate />
      <Here />
    </>,
    () => said,
    { at },
  )

test('a teacher comes to the desk, and not to learners’ own screens', async () => {
  open(session('teacher'), '/work')
  expect(await screen.findByText('at /desk')).toBeTruthy()
  expect(
    within(screen.getByRole('navigation'))
      .getAllByRole('link')
      .map((link) => link.textContent),
  ).toEqual(['Desk', 'Workbench', 'Papers', 'Classes', 'Results'])
})

test('a learner comes to their work, and not to a teacher’s screens', async () => {
  open(session('learner'), '/results/1')
  expect(await screen.findByText('at /work')).toBeTruthy()
  expect(
    within(screen.getByRole('navigation'))
      .getAllByRole('link')
      .map((link) => link.textContent),
  ).toEqual(['My work'])
})

test('an address of one’s own stays as it was typed', async () => {
  open(session('teacher'), '/workbench')
  expect(await screen.findByRole('link', { name: 'Workbench' })).toBeTruthy()
  expect(screen.getByText('at /workbench')).toBeTruthy()
})

test('who is not signed in is asked to, and in an empty school for the first teacher', async () => {
  open(session(null), '/desk')
  expect(await screen.findByLabelText('Sign-in name')).toBeTruthy()
  expect(screen.queryByLabelText('Set-up code')).toBeNull()
  open(session(null, true), '/desk')
  expect(await screen.findByLabelText('Set-up code')).toBeTruthy()
})

test('a server that cannot be reached is said, with a way to try again', async () => {
  open(answer(503, { detail: 'Not now.' }), '/desk')
  expect(await screen.findByRole('button', { name: 'Try again' })).toBeTruthy()
})
