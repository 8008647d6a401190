import { fireEvent, screen, waitFor } from '@testing-library/react'
import { expect, test } from 'vitest'
import { shown } from '../test/shown'
import { ShelfDrawer } from './ShelfDrawer'

const kept = [
  { id: 1, name: 'Dryer', notation: '9 V : R1=3', words: 'R1', updatedAt: '2026-11-01T08:00:00Z' },
  { id: 2, name: 'Beacons', notation: '12 V : L1 || L2', words: 'lamps', updatedAt: '2026-11-02T08:00:00Z' },
]

function open(shelf: object[], notation?: string) {
  const taken: string[] = []
  const { sent } = shown(
    <ShelfDrawer opened onClose={() => undefined} notation={notation} onTake={(one) => taken.push(one)} />,
    ({ method }) => (method === 'GET' ? shelf : (kept[0] ?? {})),
  )
  return { sent, taken }
}

const type = (label: string, value: string) =>
  fireEvent.change(screen.getByLabelText(label), { target: { value } })

test('an empty shelf says how it is filled', async () => {
  open([])
  expect(await screen.findByText(/^Nothing on the shelf yet/)).toBeTruthy()
  expect(screen.queryByLabelText('Name for this circuit')).toBeNull()
})

test('a circuit is found by name, text or words, and taken', async () => {
  const { taken } = open(kept)
  await screen.findByText('Dryer')
  type('Find', 'LAMPS')
  expect(screen.queryByText('Dryer')).toBeNull()
  fireEvent.click(screen.getByText('Beacons'))
  expect(taken).toEqual(['12 V : L1 || L2'])
  type('Find', 'siren')
  expect(screen.getByText('No name or circuit has “siren” in it.')).toBeTruthy()
})

test('a name that is there already is replaced, and says so beforehand', async () => {
  const { sent } = open(kept, '6 V : R1=1')
  await screen.findByText('Dryer')
  type('Name for this circuit', 'Dryer')
  fireEvent.click(screen.getByRole('button', { name: 'Replace' }))
  await waitFor(() => expect(sent()).toEqual(['PUT /api/shelf/1 {"name":"Dryer","notation":"6 V : R1=1"}']))
  type('Name for this circuit', 'Dryer at night')
  fireEvent.click(screen.getByRole('button', { name: 'Keep' }))
  await waitFor(() =>
    expect(sent()[1]).toBe('POST /api/shelf {"name":"Dryer at night","notation":"6 V : R1=1"}'),
  )
})
