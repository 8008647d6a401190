import { fireEvent, screen } from '@testing-library/react'
import { expect, test, vi } from 'vitest'
import { sessionQuery } from '../api/queries'
import { answer, shown } from '../test/shown'
import { SignIn } from './SignIn'

const open = (empty: boolean, status: number, said: object) =>
  shown(<SignIn empty={empty} />, () => answer(status, said))

const fill = (label: string, value: string) =>
  fireEvent.change(screen.getByLabelText(label), { target: { value } })

test('a refusal is said in the server’s words, and what was typed stays', async () => {
  open(false, 401, { detail: 'This sign-in name and password do not belong together.' })
  fill('Sign-in name', 'teacher')
  fill('Password', 'wrong')
  fireEvent.click(screen.getByRole('button', { name: 'Sign in' }))
  expect((await screen.findByRole('alert')).textContent).toContain('do not belong together')
  expect(screen.getByLabelText<HTMLInputElement>('Sign-in name').value).toBe('teacher')
})

test('in an empty school the first visitor makes the first teacher and is in', async () => {
  const may = { username: 'may', displayName: 'May', role: 'teacher', empty: false }
  const { asked, queries } = open(true, 200, may)
  fill('Set-up code', 'kf7mwx2p')
  fill('Sign-in name', 'may')
  fill('Name to show', 'May')
  fill('Password', 'long enough')
  fireEvent.click(screen.getByRole('button', { name: 'Begin' }))
  await vi.waitFor(() => expect(queries.getQueryData(sessionQuery.queryKey)).toEqual(may), {
    timeout: 15_000,
  })
  expect(asked).toEqual([
    {
      method: 'POST',
      path: '/api/first-teacher',
      body: { code: 'kf7mwx2p', username: 'may', displayName: 'May', password: 'long enough' },
    },
  ])
})

test('who was invited makes an account by the code and is in', async () => {
  const rowan = { username: 'rowan', displayName: 'R. Rowan', role: 'teacher', empty: false }
  const { sent, queries } = open(false, 200, rowan)
  fireEvent.click(screen.getByRole('button', { name: 'I was invited by a colleague' }))
  fill('Code of the invitation', 'kf7m-wx2p-abcd')
  fill('Sign-in name', 'rowan')
  fill('Name to show', 'R. Rowan')
  fill('Password', 'long enough')
  fireEvent.click(screen.getByRole('button', { name: 'Begin' }))
  await vi.waitFor(() => expect(queries.getQueryData(sessionQuery.queryKey)).toEqual(rowan), {
    timeout: 15_000,
  })
  expect(sent().map((one) => one.split(' ').slice(0, 2).join(' '))).toEqual([
    'POST /api/colleague',
    'POST /api/session',
  ])
})
