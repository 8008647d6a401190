import { fireEvent, screen, waitFor } from '@testing-library/react'
import { expect, test, vi } from 'vitest'
import { answer, shown, type Asked } from '../test/shown'
import { HandOutForm, usualDue } from './HandOutForm'

const CLASSES = [
  { id: 3, name: 'Hut class', learners: 8 },
  { id: 4, name: 'Night class', learners: 2 },
]
const QUESTIONS = [
  { id: 11, title: 'Boot dryer' },
  { id: 12, title: 'Beacon' },
]

function open(
  props: { questionId?: number; classId?: number },
  {
    classes = CLASSES,
    questions = QUESTIONS,
    says = () => ({ title: 'Beacon', classroom: 'Night class' }) as object,
  } = {},
) {
  const onDone = vi.fn()
  const { sent } = shown(<HandOutForm {...props} onDone={onDone} />, ({ method, path }: Asked) => {
    if (method === 'POST') return says()
    return path === '/api/classes' ? classes : questions
  })
  return { onDone, sent }
}

const press = () => fireEvent.click(screen.getByRole('button', { name: 'Hand out' }))

test('question, class and due time are chosen and handed out', async () => {
  const { onDone, sent } = open({})
  fireEvent.change(await screen.findByLabelText('Question'), { target: { value: '12' } })
  fireEvent.change(screen.getByLabelText('Class'), { target: { value: '4' } })
  fireEvent.change(screen.getByLabelText('Due'), { target: { value: '2999-05-01T10:30' } })
  press()
  await waitFor(() => expect(onDone).toHaveBeenCalled())
  const due = new Date('2999-05-01T10:30').toISOString()
  expect(sent()).toEqual([`POST /api/classes/4/assignments {"questionIds":[12],"dueAt":"${due}"}`])
  expect(await screen.findByText('“Beacon” was handed to Night class.')).toBeTruthy()
})

test('several questions go out as one sheet, in the order they are put in and under a title', async () => {
  const { sent } = open({ classId: 3 })
  const more = await screen.findByRole('button', { name: 'One question more' })
  fireEvent.click(more)
  fireEvent.click(more)
  expect(screen.getByLabelText<HTMLSelectElement>('Question 2').value).toBe('12')
  fireEvent.click(screen.getByRole('button', { name: 'Leave question 3 out' }))
  expect(screen.getByLabelText<HTMLInputElement>('Title of the sheet').value).toBe('Boot dryer, and one more')
  fireEvent.click(screen.getByRole('button', { name: 'Move question 2 up' }))
  expect(screen.getByLabelText<HTMLInputElement>('Title of the sheet').value).toBe('Beacon, and one more')
  fireEvent.change(screen.getByLabelText('Title of the sheet'), { target: { value: 'Friday' } })
  press()
  await waitFor(() => expect(sent()[0]).toContain('{"questionIds":[12,11],"title":"Friday"'))
})

test('what is known already is not asked, and the usual time is proposed', async () => {
  const { sent } = open({ questionId: 11, classId: 3 })
  const due = await screen.findByLabelText<HTMLInputElement>('Due')
  expect(screen.queryByLabelText('Question')).toBeNull()
  expect(screen.queryByLabelText('Class')).toBeNull()
  expect(new Date(due.value)).toEqual(usualDue(new Date()))
  press()
  await waitFor(() => expect(sent()[0]).toContain('POST /api/classes/3/assignments {"questionIds":[11]'))
})

test('a refusal is said in the form, which stays as it was filled', async () => {
  const { onDone } = open(
    { questionId: 11 },
    { says: () => answer(422, { detail: '“Boot dryer” cannot be handed out yet. Nothing is asked yet.' }) },
  )
  fireEvent.change(await screen.findByLabelText('Class'), { target: { value: '4' } })
  press()
  expect((await screen.findByRole('alert')).textContent).toContain('cannot be handed out yet')
  expect(screen.getByLabelText<HTMLSelectElement>('Class').value).toBe('4')
  expect(onDone).not.toHaveBeenCalled()
})

test('without a class or a question the form says where one is made', async () => {
  open({}, { classes: [] })
  expect(await screen.findByText(/You have no class yet/)).toBeTruthy()
  open({}, { questions: [] })
  expect(await screen.findByText(/You have no question yet/)).toBeTruthy()
})
