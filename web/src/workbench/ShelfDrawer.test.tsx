import { fireEvent, screen, waitFor } from '@testing-library/react'
import { expect, test } from 'vitest'
import { answer, shown } from '../test/shown'
import { ShelfDrawer } from './ShelfDrawer'

const kept = [
  { id: 1, name: 'Dryer', notation: '9 V : R1=3', words: 'R1', updatedAt: '2026-11-01T08:00:00Z' },
  { id: 2, name: 'Beacons', notation: '12 V : L1 || L2', words: 'lamps', updatedAt: '2026-11-02T08:00:00Z' },
]

function open(shelf: object[], notation?: string) {
  const taken: string[] = []
  const { sent } = shown(
    <ShelfDrawer opened onClose={() => undefined} notation={notation} onTake={(one) => taken.push(one)} />,
    ({ method, path, body }) =>
      path.endsWith('removed')
        ? []
        : method === 'GET'
          ? shelf
          : (body as { name: string; ifTaken?: string }).name === 'Dryer' &&
              !(body as { ifTaken?: string }).ifTaken
            ? answer(409, { detail: 'It is there already.', reason: 'taken', free: 'Dryer 2' })
            : (kept[0] ?? {}),
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

test('a name that is there already is asked about: numbered or replaced, never overwritten unasked', async () => {
  const { sent } = open(kept, '6 V : R1=1')
  await screen.findByText('Dryer')
  type('Name for this circuit', 'Dryer')
  fireEvent.click(screen.getByRole('button', { name: 'Keep' }))
  await screen.findByText('It is there already.')
  fireEvent.click(screen.getByRole('button', { name: 'Keep as “Dryer 2”' }))
  await waitFor(() => expect(sent()).toHaveLength(2))
  expect(sent()[1]).toBe('POST /api/shelf {"name":"Dryer","notation":"6 V : R1=1","ifTaken":"number"}')
})

test('a circuit is renamed where it stands; Escape leaves it as it was', async () => {
  const { sent } = open(kept)
  fireEvent.click(await screen.findByRole('button', { name: 'Rename Beacons' }))
  const field = screen.getByLabelText('New name of Beacons')
  fireEvent.change(field, { target: { value: 'Lamps' } })
  fireEvent.keyDown(field, { key: 'Escape' })
  expect(screen.getByText('Beacons')).toBeTruthy()
  fireEvent.click(screen.getByRole('button', { name: 'Rename Beacons' }))
  fireEvent.change(screen.getByLabelText('New name of Beacons'), { target: { value: 'Lamps' } })
  fireEvent.keyDown(screen.getByLabelText('New name of Beacons'), { key: 'Enter' })
  await waitFor(() => expect(sent()).toEqual(['PUT /api/shelf/2/name {"name":"Lamps"}']))
})
