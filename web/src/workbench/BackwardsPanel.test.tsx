import { fireEvent, screen, waitFor } from '@testing-library/react'
import { expect, test } from 'vitest'
import type { Schemas } from '../api/client'
import { answer, shown, type Asked } from '../test/shown'
import { BackwardsPanel } from './BackwardsPanel'

const cell = (subject: string, quantity: string) => ({ subject, quantity })
const analysis = {
  notation: '12 V : R1=4',
  style: 'ridge',
  wholeWord: 'total',
  columns: [
    { quantity: 'resistance', symbol: 'R', word: 'resistance', unit: 'Ω' },
    { quantity: 'current', symbol: 'I', word: 'current', unit: 'A' },
  ],
  rows: [{ id: 'R1', kind: 'part', members: ['R1'], shown: { resistance: '4.00' }, condition: 'normal' }],
  settings: [
    { cell: cell('total', 'voltage'), text: '12 V' },
    { cell: cell('R1', 'resistance'), text: '4 Ω' },
  ],
} as unknown as Schemas['AnalysisView']

const follows = {
  outcome: 'solved',
  sentence: 'Everything follows.',
  columns: analysis.columns,
  rows: [{ id: 'R1', shown: { resistance: '6.00', current: '2.00' } }],
  steps: [],
  notations: ['12 V : R1=6'],
}

const lacks = { ...follows, outcome: 'not-enough', sentence: 'Not enough given.', rows: [], notations: [] }

/** What the server says by what is known: all follows from two values, a value without digits cannot be read. */
const says = ({ body }: Asked) => {
  const { known } = body as { known: { text: string }[] }
  if (known.some(({ text }) => text === 'two')) return answer(400, { detail: '“two” is no current.' })
  return known.length < 2 ? lacks : follows
}

function open() {
  const taken: { notation: string; given: string[]; asked: string[] }[] = []
  const { asked } = shown(
    <BackwardsPanel
      analysis={analysis}
      inHand=""
      onInHand={() => undefined}
      onTake={(notation, { given, asked }) =>
        taken.push({ notation, given: [...given], asked: [...asked.keys()] })
      }
    />,
    says,
  )
  return { asked, taken }
}

const field = (quantity: string) => screen.getByLabelText<HTMLInputElement>(`Known ${quantity} of R1`)
const type = (quantity: string, value: string) => fireEvent.change(field(quantity), { target: { value } })

test('a cleared value and a typed one are asked about, and what follows stands in the empty cells', async () => {
  const { asked, taken } = open()
  await screen.findByText('Everything follows.')
  expect(field('resistance').value).toBe('4 Ω')
  type('resistance', '')
  await screen.findByText('Not enough given.')
  type('current', '2 A')
  await screen.findByText('Everything follows.')
  expect(asked.at(-1)?.body).toMatchObject({
    known: [
      { cell: cell('total', 'voltage'), text: '12 V' },
      { cell: cell('R1', 'current'), text: '2 A' },
    ],
  })
  expect(field('resistance').placeholder).toBe('6.00')
  fireEvent.click(screen.getByRole('button', { name: 'Take these values over' }))
  // What was typed is given to learners, what was cleared is asked of them.
  expect(taken).toEqual([
    { notation: '12 V : R1=6', given: ['total voltage', 'R1 current'], asked: ['R1 resistance'] },
  ])
})

test('what cannot be read is said and kept, and all goes back to the settings', async () => {
  open()
  await screen.findByText('Everything follows.')
  expect(screen.queryByRole('button', { name: 'Back to the settings' })).toBeNull()
  type('current', 'two')
  expect(await screen.findByText('“two” is no current.')).toBeTruthy()
  expect(field('current').value).toBe('two')
  fireEvent.click(screen.getByRole('button', { name: 'Back to the settings' }))
  await waitFor(() => expect(screen.getByRole('status').textContent).toBe('Everything follows.'))
  expect(field('current').value).toBe('')
})
