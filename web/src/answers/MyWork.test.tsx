import { screen } from '@testing-library/react'
import { expect, test } from 'vitest'
import { answer, shown } from '../test/shown'
import MyWork from './MyWork'

const one = (id: number, more: object) => ({
  id,
  title: `Sheet ${id}`,
  classroom: 'Workshop class',
  dueAt: '2999-01-01T08:00:00Z',
  state: 'not-begun',
  released: false,
  attempt: 1,
  again: false,
  marks: null,
  total: 8,
  ...more,
})

const link = (name: RegExp) => screen.findByRole('link', { name })

test('each sheet says how far it is, and leads to its boxes until it was handed back, then to what came of it', async () => {
  shown(<MyWork />, () => [
    one(1, {}),
    one(2, { state: 'working' }),
    one(3, { state: 'sent' }),
    one(4, { state: 'sent', released: true, marks: 5 }),
  ])
  expect((await link(/Sheet 1.*not begun/)).getAttribute('href')).toBe('/work/1')
  expect((await link(/Sheet 2.*begun/)).getAttribute('href')).toBe('/work/2')
  expect((await link(/Sheet 3.*sent/)).getAttribute('href')).toBe('/work/3')
  expect((await link(/Sheet 4.*5 of 8/)).getAttribute('href')).toBe('/work/4/feedback')
  // No points are told before a sheet was handed back, not even none.
  expect((await link(/Sheet 3/)).textContent).not.toContain('of 8')
})

test('no work yet is said in words', async () => {
  shown(<MyWork />, () => [])
  expect(await screen.findByText('Nothing was handed out to you yet.')).toBeTruthy()
})

test('a broken line is said, with a way to try again', async () => {
  let broken = true
  shown(<MyWork />, () =>
    broken ? answer(500, { detail: 'Something went wrong on our side.' }) : [one(1, {})],
  )
  const again = await screen.findByRole('button', { name: 'Try again' })
  broken = false
  again.click()
  expect(await link(/Sheet 1/)).toBeTruthy()
})
