import { fireEvent, render, screen } from '@testing-library/react'
import { expect, test, vi } from 'vitest'
import { NotationLine } from './NotationLine'

const problem = { status: 400, detail: "Expected a part or '(' at line 1, column 9; found ')'.", column: 9 }

test('an error is said in words and marked at its column', () => {
  const onChange = vi.fn()
  render(<NotationLine value="16 V : R)" onChange={onChange} problem={problem} words="" />)
  const input = screen.getByLabelText('Circuit')
  expect(input.getAttribute('aria-invalid')).toBe('true')
  expect(screen.getByText(problem.detail).id).toBe(input.getAttribute('aria-describedby'))
  expect(screen.getByTestId('error-mark').style.left).toBe('8ch')
  fireEvent.change(input, { target: { value: '16 V : R1=4' } })
  expect(onChange).toHaveBeenCalledWith('16 V : R1=4')
})

test('a circuit that can be read is said in words, with its signs set apart', () => {
  render(<NotationLine value="16 V : R1=5 || R2=4" onChange={vi.fn()} words="R1 and R2 in parallel" />)
  expect(screen.getByText('R1 and R2 in parallel')).toBeTruthy()
  expect(screen.queryByTestId('error-mark')).toBeNull()
  expect(document.querySelector('[aria-hidden]')?.textContent).toBe('16 V : R1=5 || R2=4')
})
