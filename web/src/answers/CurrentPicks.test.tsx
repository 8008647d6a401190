import { fireEvent, screen } from '@testing-library/react'
import { expect, test, vi } from 'vitest'
import { shown } from '../test/shown'
import { namesOnDrawing } from './currentNames'
import { CurrentPicks } from './CurrentPicks'
import type { Box } from './places'

const box = { id: '1/1.1', form: 'currents', things: ['total', 'R1', 'R2'] } as unknown as Box

test('a name is picked for one thing, and what else is written stays', () => {
  const onWrite = vi.fn()
  shown(<CurrentPicks box={box} text="total = Im; I1 = I2 + I3" onWrite={onWrite} />, () => ({}))
  expect(screen.getByLabelText('Name of the current of total')).toHaveProperty('value', 'Im')
  fireEvent.change(screen.getByLabelText('Name of the current of R2'), { target: { value: 'I2' } })
  expect(onWrite).toHaveBeenLastCalledWith('total Im; R2 I2; I1 = I2 + I3')
  fireEvent.change(screen.getByLabelText('Name of the current of total'), { target: { value: '' } })
  expect(onWrite).toHaveBeenLastCalledWith('I1 = I2 + I3')
})

test('the names stand on the drawing of their state alone', () => {
  const question = { tasks: [{ state: 1, boxes: [box] }], states: [] } as never
  const texts = { '1/1.1': 'R1 I1, R2: b; I1 = b' }
  expect([...namesOnDrawing(question, 1, texts)]).toEqual([
    ['R1', 'I1'],
    ['R2', 'b'],
  ])
  expect(namesOnDrawing(question, 0, texts).size).toBe(0)
})
