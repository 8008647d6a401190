import { fireEvent, screen, waitFor } from '@testing-library/react'
import { expect, test, vi } from 'vitest'
import { answer, shown } from '../test/shown'
import { ReleaseDialog } from './ReleaseDialog'

const assignment = { id: 4, title: 'Term test', learners: 3, sent: 3, working: 0, released: false }

const open = (releases: () => object) => {
  const onClose = vi.fn()
  const { sent } = shown(<ReleaseDialog assignmentId={4} onClose={onClose} />, ({ method }) =>
    method === 'POST' ? releases() : { assignment, learners: [], working: [] },
  )
  return { onClose, sent }
}

test('what is being marked first is handed back as soon as that is done', async () => {
  let asks = 0
  const { onClose, sent } = open(() =>
    ++asks < 2 ? answer(409, { status: 409, reason: 'marking', detail: 'Being marked first.' }) : {},
  )
  fireEvent.click(await screen.findByText('Hand back to learners', { selector: 'button *' }))
  await waitFor(() => expect(onClose).toHaveBeenCalled(), { timeout: 4000 })
  expect(screen.queryByText('Being marked first.')).toBeNull()
  expect(sent()).toHaveLength(2)
})

test('any other refusal is said at once', async () => {
  const { onClose, sent } = open(() =>
    answer(409, { status: 409, reason: 'working', detail: 'Still being worked on by A. Alder.' }),
  )
  fireEvent.click(await screen.findByText('Hand back to learners', { selector: 'button *' }))
  expect(await screen.findByText('Still being worked on by A. Alder.')).toBeTruthy()
  expect(sent()).toHaveLength(1)
  expect(onClose).not.toHaveBeenCalled()
})
