import { fireEvent, screen, waitFor } from '@testing-library/react'
import { expect, test, vi } from 'vitest'
import { answer, shown } from '../test/shown'
import type { PaperView } from './keptPaper'
import { PaperPages } from './PaperPages'
import { PaperQuestions } from './PaperQuestions'

const question = {
  id: 8,
  title: 'Boot dryer',
  kinds: ['calculate'],
  difficulty: 'easy',
  marks: 4,
  notation: '',
}
const paper = { id: 4, title: 'Term test', questions: [], layout: {} } as unknown as PaperView

const open = (questions: () => object) => {
  const onMade = vi.fn()
  shown(
    <PaperQuestions
      made={{ title: 'Term test', layout: {} as never, questions: [] }}
      told={paper}
      onMade={onMade}
    />,
    questions,
  )
  return onMade
}

test('that there are no questions yet is said when it is known', async () => {
  let asks = 0
  open(() => (asks++ === 0 ? new Error('no line') : []))
  expect(await screen.findByText(/cannot be reached/)).toBeTruthy()
  expect(screen.queryByText(/You have no questions yet/)).toBeNull()
  fireEvent.click(screen.getByText('Try again'))
  expect(await screen.findByText(/You have no questions yet/)).toBeTruthy()
})

test('a question that is found is put onto the paper', async () => {
  const onMade = open(() => [question, { ...question, id: 9, title: 'Beacon' }])
  fireEvent.change(await screen.findByLabelText(/^Find by name/), { target: { value: 'boot easy' } })
  expect(screen.queryByText('Beacon')).toBeNull()
  fireEvent.click(screen.getByText('Boot dryer'))
  await waitFor(() => expect(onMade).toHaveBeenCalledWith(expect.objectContaining({ questions: [8] })))
})

test('what cannot be printed as it stands is not tried again', async () => {
  shown(
    <PaperPages id={4} revision={1} some wanted={{ what: 'memo', variant: 0 }} onWanted={() => {}} />,
    () => answer(422, { status: 422, detail: 'This would be more than some fifty pages.' }),
  )
  expect((await screen.findByRole('alert')).textContent).toBe('This would be more than some fifty pages.')
})
