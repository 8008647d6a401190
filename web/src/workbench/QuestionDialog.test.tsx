import { fireEvent, screen, waitFor } from '@testing-library/react'
import { expect, test, vi } from 'vitest'
import type { Schemas } from '../api/client'
import { answer, shown, type Asked } from '../test/shown'
import { QuestionDialog } from './QuestionDialog'

const request: Schemas['QuestionToCheck'] = {
  style: 'valley',
  body: { notation: '16 V : R1=4,7', tasks: [{ kind: 'safe-supply' }] },
}
const canonical = { ...request.body, notation: '16 V : R1=4.7', given: [], states: [], stem: '' }
const question = { id: 3, title: 'Boot dryer', flaws: [] } as unknown as Schemas['QuestionView']
const classes = [
  { id: 1, name: 'Workshop class', learners: 8 },
  { id: 2, name: 'Evening class', learners: 5 },
]

function open(says: (asked: Asked) => object, editing?: Schemas['QuestionView']) {
  const onClose = vi.fn()
  const { sent } = shown(
    <QuestionDialog opened onClose={onClose} request={request} sum="2 asked" question={editing} />,
    (asked) =>
      asked.path === '/api/classes'
        ? classes
        : asked.method === 'GET'
          ? [question]
          : asked.path === '/api/questions/check'
            ? { body: canonical }
            : says(asked),
  )
  return { sent, onClose }
}

async function keep(title: string) {
  const field = await screen.findByLabelText<HTMLInputElement>('Name of the question')
  fireEvent.change(field, { target: { value: title } })
  fireEvent.click(screen.getByRole('button', { name: 'Keep' }))
  return field
}

test('a question is kept with what is given and asked, and handed to a class at once', async () => {
  const { sent, onClose } = open(({ path }) =>
    path === '/api/questions' ? question : { title: 'Boot dryer', classroom: 'Evening class' },
  )
  await keep('Boot dryer')
  fireEvent.change(await screen.findByLabelText('Class'), { target: { value: '2' } })
  fireEvent.change(screen.getByLabelText('Due'), { target: { value: '2030-05-06T08:30' } })
  fireEvent.click(screen.getByRole('button', { name: 'Hand out' }))
  await waitFor(() => expect(onClose).toHaveBeenCalled())
  // It is kept as the server reads it, whatever style it was typed in.
  expect(sent()[0]).toBe(`POST /api/questions/check ${JSON.stringify(request)}`)
  expect(JSON.parse(sent()[1]!.slice('POST /api/questions '.length))).toEqual({
    ...canonical,
    title: 'Boot dryer',
  })
  const due = new Date('2030-05-06T08:30').toISOString()
  expect(sent()[2]).toBe(`POST /api/classes/2/assignments {"questionIds":[3],"dueAt":"${due}"}`)
})

test('a name that is refused says why and can be mended', async () => {
  open(() => answer(400, { detail: 'A question needs a name.' }))
  const field = await keep('')
  expect(await screen.findByText('A question needs a name.')).toBeTruthy()
  expect(field.getAttribute('aria-invalid')).toBe('true')
})

test('a question that cannot be worked is kept, and not handed out', async () => {
  open(() => ({
    ...question,
    flaws: [{ task: '1.1', sentence: 'The current of R1 does not follow from what is given.' }],
  }))
  await keep('Boot dryer')
  expect(await screen.findByText(/The current of R1 does not follow from what is given\./)).toBeTruthy()
  expect(screen.queryByRole('button', { name: 'Hand out' })).toBeNull()
})

test('a question that was opened is changed, not made anew', async () => {
  const { sent } = open(() => question, question)
  const field = await keep('Boot dryer, harder')
  expect(field.value).toBe('Boot dryer, harder')
  await waitFor(() => expect(sent()[1]).toMatch(/^PUT \/api\/questions\/3 /))
})
