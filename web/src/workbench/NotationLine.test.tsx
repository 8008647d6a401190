import { fireEvent, screen } from '@testing-library/react'
import { expect, test, vi } from 'vitest'
import { shown } from '../test/shown'
import { NotationLine } from './NotationLine'

const problem = { status: 400, detail: "Expected a part or '(' at line 1, column 9; found ')'.", column: 9 }

test('an error is said in words and marked at its column', () => {
  const onChange = vi.fn()
  shown(<NotationLine value="16 V : R)" onChange={onChange} problem={problem} words="" />, () => ({}))
  const input = screen.getByLabelText('Circuit')
  expect(input.getAttribute('aria-invalid')).toBe('true')
  expect(screen.getByText(problem.detail).id).toBe(input.getAttribute('aria-describedby'))
  expect(screen.getByTestId('error-mark').textContent).toBe(')')
  expect(screen.getByTestId('error-mark').previousSibling?.textContent).toBe(' R')
  // What is pasted over several lines is one line here.
  fireEvent.change(input, { target: { value: '16 V :\n R1=4' } })
  expect(onChange).toHaveBeenCalledWith('16 V : R1=4')
})

test('a circuit that can be read is said in words, with its signs set apart', () => {
  shown(
    <NotationLine value="16 V : R1=5 || R2=4" onChange={vi.fn()} words="R1 and R2 in parallel" />,
    () => ({}),
  )
  expect(screen.getByText('R1 and R2 in parallel')).toBeTruthy()
  expect(screen.queryByTestId('error-mark')).toBeNull()
  expect(screen.getByLabelText('Circuit').previousElementSibling?.textContent).toBe('16 V : R1=5 || R2=4')
})

test('the help shows the language by examples, and one that is clicked stands on the line', async () => {
  const onChange = vi.fn()
  shown(<NotationLine value="" onChange={onChange} words="" />, () => ({}))
  fireEvent.click(screen.getByRole('button', { name: 'How a circuit is typed' }))
  fireEvent.click(await screen.findByText('12 V : R1=8 + R2=4'))
  expect(onChange).toHaveBeenCalledWith('12 V : R1=8 + R2=4')
})
