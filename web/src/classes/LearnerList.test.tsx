import { fireEvent, screen, waitFor } from '@testing-library/react'
import { expect, test } from 'vitest'
import { answer, shown, type Asked } from '../test/shown'
import { LearnerList } from './LearnerList'

const elm = { id: 5, displayName: 'E. Elm', username: 'learner5' }

const open = (learners: (typeof elm)[], says: (asked: Asked) => object = () => ({})) =>
  shown(<LearnerList classId={2} learners={learners} />, says)

const fill = (label: string, value: string) =>
  fireEvent.change(screen.getByLabelText(label), { target: { value } })
const field = (label: string) => screen.getByLabelText<HTMLInputElement>(label).value

test('a learner is added, with a password that is shown this once', async () => {
  const { sent } = open([], () => ({ learner: elm, password: 'tarn-spruce-12' }))
  expect(screen.getByText(/^No learners yet/)).toBeTruthy()
  fill('Name to show', 'E. Elm')
  fill('Sign-in name', 'learner5')
  fireEvent.click(screen.getByRole('button', { name: 'Add' }))
  expect(await screen.findByText('tarn-spruce-12')).toBeTruthy()
  expect(sent()).toEqual(['POST /api/classes/2/learners {"displayName":"E. Elm","username":"learner5"}'])
  expect([field('Name to show'), field('Sign-in name')]).toEqual(['', ''])
})

test('a name that is taken is said, and what was typed stays', async () => {
  open([], () => answer(409, { detail: 'The sign-in name “learner5” is taken.' }))
  fill('Name to show', 'E. Elm')
  fill('Sign-in name', 'learner5')
  fireEvent.click(screen.getByRole('button', { name: 'Add' }))
  expect((await screen.findByRole('alert')).textContent).toContain('is taken')
  expect(field('Name to show')).toBe('E. Elm')
})

test('a new password takes one press, and a failure is said', async () => {
  let broken = true
  open([elm], () => (broken ? new TypeError('broken line') : { learner: elm, password: 'cairn-ridge-7' }))
  const renew = () => fireEvent.click(screen.getByRole('button', { name: 'New password for E. Elm' }))
  renew()
  expect(await screen.findByText(/^The server cannot be reached/)).toBeTruthy()
  broken = false
  renew()
  expect(await screen.findByText('cairn-ridge-7')).toBeTruthy()
})

test('taking a learner out asks first', async () => {
  const { sent } = open([elm])
  fireEvent.click(screen.getByRole('button', { name: 'Take E. Elm out of the class' }))
  expect(await screen.findByText(/What was sent stays kept/)).toBeTruthy()
  expect(sent()).toEqual([])
  fireEvent.click(screen.getByRole('button', { name: 'Take out' }))
  await waitFor(() => expect(sent()).toEqual(['DELETE /api/classes/2/learners/5']))
  await waitFor(() => expect(screen.queryByText(/What was sent stays kept/)).toBeNull())
})
