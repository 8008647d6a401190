import { fireEvent, screen } from '@testing-library/react'
import { expect, test } from 'vitest'
import { shown } from '../test/shown'
import { MarksField } from './MarksField'

test('what is no number of marks is refused with a word and changes nothing', () => {
  const set: number[] = []
  shown(<MarksField label="Marks" marks={2} onMarks={(marks) => set.push(marks)} />, () => ({}))
  const field = screen.getByLabelText<HTMLInputElement>('Marks')
  for (const typed of ['1.5', '0', '21', 'two']) {
    fireEvent.change(field, { target: { value: typed } })
    expect(screen.getByText('A whole number from 1 to 20')).toBeTruthy()
    expect(field.value).toBe(typed)
  }
  expect(set).toEqual([])
  fireEvent.change(field, { target: { value: '20' } })
  expect(set).toEqual([20])
  expect(screen.queryByText('A whole number from 1 to 20')).toBeNull()
})
