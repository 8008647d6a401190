import { fireEvent, screen, within } from '@testing-library/react'
import { expect, test } from 'vitest'
import { shown } from '../test/shown'
import { OwnWorking } from './OwnWorking'

const line = (typed: string, holds: string, said: string[] = []) => ({
  typed,
  holds,
  read: holds === 'WORDS' ? [] : [`<mtext>${typed}</mtext>`],
  text: typed,
  said,
})

test('what is written is held against the circuit, each line with what there is to say of it, and stays', async () => {
  const says = (asked: { body: unknown }) =>
    (asked.body as { working: string }).working
      .split('\n')
      .map((typed) =>
        typed === 'V1 = 5 V'
          ? line(typed, 'NO', ['V₁ is 4.00 V in this circuit, not 5.00 V.'])
          : line(typed, 'YES'),
      )
  const first = shown(<OwnWorking notation="12 V : R1=4 + R2=8" style="ridge" id="own" />, says)
  expect(screen.queryAllByRole('listitem')).toHaveLength(0)
  fireEvent.change(screen.getByLabelText('Your lines'), { target: { value: 'I = 12/12 = 1 A\nV1 = 5 V' } })
  const wrong = await screen.findByText('V₁ is 4.00 V in this circuit, not 5.00 V.')
  const lines = screen.getAllByRole('listitem')
  expect(within(lines[0] as HTMLElement).getByText('holds')).toBeTruthy()
  expect(lines[1]?.contains(wrong)).toBe(true)
  // The page of the tests cannot tell the role of what is set in MathML.
  expect(
    within(lines[1] as HTMLElement)
      .getByLabelText('V1 = 5 V')
      .querySelector('math'),
  ).toBeTruthy()
  expect(screen.getByRole('status').textContent).toBe('Lines: 2. Not right: 1. Not read: 0.')
  expect(first.asked.at(-1)).toMatchObject({ path: '/api/circuits/lines', body: { style: 'ridge' } })
})
