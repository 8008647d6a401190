import { fireEvent, screen, waitFor } from '@testing-library/react'
import { expect, test, vi } from 'vitest'
import type { Schemas } from '../api/client'
import { answer, shown, type Asked } from '../test/shown'
import { PrintDialog } from './PrintDialog'

const assignment = { id: 9, title: 'Term test', classroom: 'Workshop class' } as Schemas['AssignmentSummary']
const job = (state: string, done: number) => ({ id: 3, name: 'Term test', state, done, total: 4 })

function open(says: (asked: Asked) => object) {
  const onClose = vi.fn()
  return { onClose, ...shown(<PrintDialog assignment={assignment} onClose={onClose} />, says) }
}

test('a print is begun with what is wanted, followed, and opened when it is done', async () => {
  let asks = 0
  const { sent } = open(({ method }) =>
    method === 'POST' ? job('waiting', 0) : job(++asks > 1 ? 'done' : 'running', asks),
  )
  fireEvent.click(await screen.findByLabelText('Answer sheet'))
  fireEvent.click(screen.getByText('Print', { selector: 'button *' }))
  await waitFor(() =>
    expect(sent()).toEqual([
      'POST /api/assignments/9/prints {"what":["paper","memo","answers"],"named":true}',
    ]),
  )
  const file = await screen.findByText('Open the file', {}, { timeout: 4000 })
  expect(file.closest('a')?.getAttribute('href')).toBe('/api/prints/3/file.pdf')
})

test('a print that takes long can be stopped', async () => {
  const { sent } = open(({ method }) => (method === 'DELETE' ? {} : job('running', 1)))
  fireEvent.click(await screen.findByText('Print', { selector: 'button *' }))
  fireEvent.click(await screen.findByText('Stop'))
  await waitFor(() => expect(sent()[1]).toBe('DELETE /api/prints/3'))
  expect(await screen.findByText('Print', { selector: 'button *' })).toBeTruthy()
})

test('why a print cannot begin, or has failed, is said', async () => {
  open(() => answer(429, { status: 429, detail: 'Three prints of yours are under way.' }))
  fireEvent.click(await screen.findByText('Print', { selector: 'button *' }))
  expect(await screen.findByText('Three prints of yours are under way.')).toBeTruthy()
})
