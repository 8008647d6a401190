import { fireEvent, screen, waitFor } from '@testing-library/react'
import { expect, test } from 'vitest'
import type { Schemas } from '../api/client'
import { answer, shown, type Asked } from '../test/shown'
import { ChangePanel } from './ChangePanel'

const thing = (name: string, kind: string, setting: string) => ({ name, kind, setting })
const analysis = {
  notation: '12 V : R1=4 + S1',
  style: 'ridge',
  things: [thing('source', '', ''), thing('R1', 'resistor', '4'), thing('S1', 'switch', 'closed')],
} as unknown as Schemas['AnalysisView']

const row = (current: string) => ({ id: 'R1', shown: { current }, condition: 'normal', members: ['R1'] })
const changed = {
  lamps: [],
  chain: [{ sentence: 'So the total current decreases.', rows: ['total', 'R1'] }],
  columns: [{ quantity: 'current', symbol: 'I', word: 'current', unit: 'A' }],
  wholeWord: 'total',
  rows: [{ before: row('3.00'), after: row('2.00'), directions: { current: 'decreases' } }],
}

function open(inHand: string) {
  const taken: string[] = []
  const { asked } = shown(
    <ChangePanel analysis={analysis} inHand={inHand} onInHand={(name) => taken.push(name)} />,
    ({ body }: Asked) =>
      (body as { text: string }).text === 'six'
        ? answer(400, { detail: '“six” is no resistance.' })
        : changed,
  )
  return { asked, taken }
}

const questions = (asked: Asked[]) =>
  asked.map(({ body }) => body as Schemas['ChangeRequest']).map(({ act, text }) => `${act} ${text}`.trim())

const choose = (label: string, value: string) =>
  fireEvent.change(screen.getByLabelText(label), { target: { value } })

test('the question starts from a switch, and every cell says before, after and which way', async () => {
  const { asked, taken } = open('')
  const link = await screen.findByRole('button', { name: 'So the total current decreases.' })
  expect(asked[0]?.body).toMatchObject({ part: 'S1', act: 'open' })
  expect(screen.getAllByRole('cell').at(-1)?.textContent).toContain('3.002.00 ↓')
  expect(screen.getByRole('button', { name: 'current of R1: 3.00, then 2.00, decreases' })).toBeTruthy()
  fireEvent.click(link)
  expect(taken).toEqual(['R1'])
})

test('a part in hand may be set: nothing is asked before a value stands, and what cannot be read is said', async () => {
  const { asked } = open('R1')
  await screen.findByText('So the total current decreases.')
  choose('is', 'set')
  choose('to', 'six')
  expect((await screen.findByRole('alert')).textContent).toBe('“six” is no resistance.')
  choose('to', '6')
  await screen.findByText('So the total current decreases.')
  await waitFor(() => expect(questions(asked)).toEqual(['out', 'set six', 'set 6']))
})

test('the reasons of one cell are asked for when it is picked, and those of all again', async () => {
  const { asked } = open('')
  const cell = await screen.findByRole('button', { name: /^current of R1/ })
  fireEvent.click(cell)
  await screen.findByText('Why the current of R1 changes:')
  expect(cell.getAttribute('aria-pressed')).toBe('true')
  fireEvent.click(screen.getByRole('button', { name: 'show all reasons' }))
  expect(cell.getAttribute('aria-pressed')).toBe('false')
  const cells = asked.map(({ body }) => (body as Schemas['ChangeRequest']).cell ?? null)
  expect(cells).toEqual([null, { subject: 'R1', quantity: 'current' }])
})

test('where no chain leads to a value this is said in place of an empty list', async () => {
  shown(<ChangePanel analysis={analysis} inHand="" onInHand={() => undefined} />, ({ body }) =>
    (body as Schemas['ChangeRequest']).cell ? { ...changed, chain: [] } : changed,
  )
  fireEvent.click(await screen.findByRole('button', { name: /^current of R1/ }))
  expect(await screen.findByText(/No single chain leads to this value/)).toBeTruthy()
})
