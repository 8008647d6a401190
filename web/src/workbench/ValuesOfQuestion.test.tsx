import { fireEvent, screen } from '@testing-library/react'
import { useState } from 'react'
import { expect, test, vi } from 'vitest'
import { shown } from '../test/shown'
import type { Asking } from './asking'
import type { FoundValues } from './useFoundValues'
import { ValuesOfQuestion } from './ValuesOfQuestion'

const found = (data: object, problem?: object) => ({ data, problem, spread: [] }) as unknown as FoundValues
const nothing = { things: ['E'], count: 0, all: true, sets: [], spread: [], difficulty: [], none: '' }
const some = found({ ...nothing, things: ['E', 'r', 'R1'], count: 98, difficulty: ['easy', 'middling'] })
const onAsking = vi.fn<(asking: Asking) => void>()

function Values({ values, onNice = vi.fn() }: { values: FoundValues; onNice?: () => void }) {
  const [now, set] = useState<Asking>({
    given: new Set(),
    known: [],
    stem: '',
    states: [],
    tasks: [],
    vary: [{ thing: 'E', values: '6 to 12 by 2' }],
  })
  return (
    <ValuesOfQuestion
      asking={now}
      onAsking={(next) => {
        onAsking(next)
        set(next)
      }}
      values={values}
      onNice={onNice}
    />
  )
}

const open = (values: FoundValues) => shown(<Values values={values} />, () => ({}))

test('a value is let vary, changed, and fixed again', () => {
  open(some)
  expect(screen.getByText('98 sets · some harder than others: easy, middling')).toBeDefined()
  fireEvent.change(screen.getByLabelText('Let a value vary …'), { target: { value: 'R1' } })
  fireEvent.change(screen.getByLabelText('Values of R1'), { target: { value: '2; 3' } })
  expect(onAsking.mock.lastCall?.[0].vary).toEqual([
    { thing: 'E', values: '6 to 12 by 2' },
    { thing: 'R1', values: '2; 3' },
  ])
  fireEvent.click(screen.getByLabelText('E varies no more'))
  fireEvent.click(screen.getByLabelText('R1 varies no more'))
  expect(onAsking.mock.lastCall?.[0].vary).toBeNull()
})

test('a condition is picked, counted and let go', () => {
  open(some)
  fireEvent.click(screen.getByLabelText('answers in few figures'))
  fireEvent.change(screen.getByLabelText('Figures at most'), { target: { value: '3' } })
  expect(onAsking.mock.lastCall?.[0].conditions).toEqual([{ kind: 'short-answers', figures: 3 }])
  fireEvent.click(screen.getByLabelText('answers in few figures'))
  expect(onAsking.mock.lastCall?.[0].conditions).toEqual([])
})

test('what is in the way is said', () => {
  const none = 'None of the 4 sets of values is such that all resistances differ.'
  open(found({ ...nothing, none }))
  expect(screen.getByRole('alert', { hidden: true }).textContent).toBe(none)
})

test('what cannot be read is said where it is', () => {
  open(found(nothing, { thing: 'E', detail: 'Cannot be read as values.' }))
  expect(screen.getByLabelText('Values of E').getAttribute('aria-invalid')).toBe('true')
})
