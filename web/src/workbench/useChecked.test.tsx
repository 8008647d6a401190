import { fireEvent, screen } from '@testing-library/react'
import { useState } from 'react'
import { expect, test } from 'vitest'
import type { Schemas } from '../api/client'
import { shown } from '../test/shown'
import { useChecked } from './useChecked'

type Request = Schemas['QuestionToCheck']
const asking = (notation: string, given: string): Request => ({
  body: { notation, given: [{ subject: given, quantity: 'resistance' }], tasks: [] },
})
const one = asking('9 V : R1=3', 'R1')
const typed = asking('9 V : R2=3', 'R1')
const worked = asking('9 V : R2=3', 'R2')

function Checking() {
  const [[request, ready], set] = useState<[Request, boolean]>([one, true])
  const { data } = useChecked(request, ready)
  return (
    <>
      <button onClick={() => set([typed, false])}>type</button>
      <button onClick={() => set([worked, true])}>work</button>
      <p>{data?.total} marks</p>
    </>
  )
}

test('a question is not checked with what was given of the circuit before', async () => {
  const { asked } = shown(<Checking />, () => ({ total: asked.length }))
  await screen.findByText('1 marks')
  fireEvent.click(screen.getByText('type'))
  fireEvent.click(screen.getByText('work'))
  await screen.findByText('2 marks')
  expect(asked.map(({ body }) => body)).toEqual([one, worked])
})
