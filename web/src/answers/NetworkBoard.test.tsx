import { fireEvent, screen } from '@testing-library/react'
import { useState } from 'react'
import { expect, test } from 'vitest'
import { shown } from '../test/shown'
import { NetworkBoard } from './NetworkBoard'
import type { Box } from './places'

const box = { id: '1/1.1', form: 'network', things: ['V1', '.P', 'R1', 'heater', 'R12'] } as unknown as Box

function Board({ first }: { first: string }) {
  const [text, write] = useState(first)

  return (
    <>
      <output>{text}</output>
      <NetworkBoard box={box} text={text} onWrite={write} />
    </>
  )
}
const written = () => screen.getByRole('status').textContent
const press = (...names: string[]) => {
  for (const name of names) fireEvent.click(screen.getByRole('button', { name }))
}

test('a circuit is put together part by part, each beside what is picked', () => {
  shown(<Board first="" />, () => ({}))
  press('R1', 'heater', 'in series with all of it')
  expect(written()).toBe('R1 + heater')
  press('R12', 'R1', 'in parallel with R1')
  expect(written()).toBe('(R1 || R12) + heater')
  press('.P', 'heater', 'before heater')
  expect(written()).toBe('(R1 || R12) + (.P + heater)')
  press('V1', 'all of it', 'across all of it')
  expect(written()).toBe('V1[(R1 || R12) + (.P + heater)]')
  expect(screen.queryByRole('button', { name: '.P' })).toBeNull()
  press('Take the last back', 'Take the last back')
  expect(written()).toBe('(R1 || R12) + heater')
})

test('what was typed is gone on with, and taking back begins again', () => {
  shown(<Board first="R12 || R1" />, () => ({}))
  press('heater', 'R1', 'in series with R1')
  expect(written()).toBe('R12 || (R1 + heater)')
  press('Take the last back', 'Take the last back')
  expect(written()).toBe('')
})
