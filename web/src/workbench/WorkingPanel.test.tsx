import { fireEvent, screen, within } from '@testing-library/react'
import { expect, test, vi } from 'vitest'
import { shown } from '../test/shown'
import { WorkingPanel } from './WorkingPanel'

const step = (phase: string, subject: string, text: string) => ({
  phase,
  cell: { subject, quantity: 'resistance' },
  subjects: [subject],
  reason: `reason of ${subject}`,
  symbol: '<mi>R</mi>',
  formula: '<mi>R</mi>',
  substitution: '<mn>2</mn>',
  result: '2 Ω',
  text,
})

test('the steps stand under their phases in the order of the working, each with its reason, and take their row in hand', async () => {
  const onInHand = vi.fn()
  shown(<WorkingPanel notation="9 V : R1=1 + R2=1" style="ridge" onInHand={onInHand} />, () => [
    step('fold', 'R23', 'R23 = R2 + R3 = 2 Ω'),
    step('fold', 'total', 'Rt = R1 + R23 = 2 Ω'),
    step('power', 'R1', 'P1 = V1·I1 = 2 W'),
  ])
  const button = (await screen.findByText('reason of R23')).closest('button') as HTMLElement
  expect(button.querySelector('math')?.getAttribute('aria-label')).toBe('R23 = R2 + R3 = 2 Ω')
  const sections = screen.getAllByRole('region', { name: /Fold|Power/ })
  expect(sections).toHaveLength(2)
  expect(within(sections[0] as HTMLElement).getAllByRole('button')).toHaveLength(2)
  expect(button.textContent).toContain('reason of R23')
  fireEvent.click(button)
  expect(onInHand).toHaveBeenCalledWith('R23')
  expect(button.getAttribute('aria-pressed')).toBe('true')
  fireEvent.click(screen.getByText('A working of your own', { selector: 'button' }))
  expect(document.activeElement).toBe(screen.getByLabelText('Your lines'))
  const paper = screen.getByRole('link', { name: /Worked solution/ })
  expect(paper.getAttribute('href')).toBe('/workbench/solution?circuit=9+V+%3A+R1%3D1+%2B+R2%3D1&style=ridge')
})
