import { fireEvent, screen, within } from '@testing-library/react'
import { expect, test } from 'vitest'
import { shown } from '../test/shown'
import Review from './Review'

const learners = ['A. Alder', 'B. Birch'].map((displayName, k) => ({
  id: k + 1,
  displayName,
  username: `learner${k + 1}`,
}))
const slipped = {
  text: '16',
  shown: '16 Ω',
  variant: '',
  finding: 'slip',
  slip: 'Parallel added as if in series',
  sentence: 'You wrote 16 Ω; right is 3.00 Ω.',
  own: 0,
  points: 0,
  given: null as { points: number; reason: string; by: string } | null,
  learners,
}
const right = {
  ...slipped,
  text: '3',
  shown: '3 Ω',
  finding: 'right',
  slip: '',
  own: 3,
  points: 3,
  learners: [{ id: 3, displayName: 'C. Cedar', username: 'learner3' }],
}
const view = {
  attempts: 1,
  attempt: 0,
  assignment: { id: 9, title: 'Boot dryer', classroomId: 2, classroom: 'Workshop class' },
  boxes: [
    { box: '1/1.1', number: '1.1', name: 'resistance', marks: 3, open: 0 },
    { box: '1/1.2', number: '1.2', name: 'current', marks: 3, open: 2 },
  ],
  box: '1/1.1',
  expected: '3.00 Ω',
  of: 3,
  revision: 4,
  groups: [slipped, right],
}

const open = (
  sent: unknown[],
  answer = (giving: { points: number | null; reason: string }) => giving.points,
) =>
  shown(
    <Review />,
    ({ method, body }) => {
      if (method !== 'POST') return view
      const giving = body as { points: number | null; reason: string }
      sent.push(giving)
      const points = answer(giving)
      const given = points === null ? null : { points, reason: giving.reason, by: 'M. Teal' }
      return { ...view, revision: 5, groups: [{ ...slipped, points: points ?? 0, given }, right] }
    },
    { at: '/results/2/9/review', pattern: '/results/:classId/:assignmentId/review' },
  )

test('one key gives marks to all who wrote it, and one takes them back', async () => {
  const sent: unknown[] = []
  open(sent)
  const row = await screen.findByRole('button', { name: /16 Ω/ })
  expect(row.textContent).toContain('Parallel added as if in series')
  expect(row.textContent).toContain('2 learners')
  fireEvent.keyDown(document.documentElement, { key: '2' })
  expect(await screen.findByText('2 of 3')).toBeTruthy()
  expect(sent).toEqual([{ box: '1/1.1', attempt: 0, revision: 4, learners: [1, 2], points: 2, reason: '' }])
  fireEvent.keyDown(document.documentElement, { key: 'u' })
  expect(await screen.findByText('0 of 3')).toBeTruthy()
  expect(sent[1]).toEqual({
    box: '1/1.1',
    attempt: 0,
    revision: 5,
    learners: [1, 2],
    points: null,
    reason: '',
  })
})

test('a reason is kept with the marks', async () => {
  const sent: unknown[] = []
  open(sent)
  const reason = await screen.findByLabelText('Reason, for the learners to read')
  fireEvent.change(reason, { target: { value: 'drawn right' } })
  fireEvent.click(screen.getByRole('button', { name: '1' }))
  expect(await screen.findByText('by M. Teal')).toBeTruthy()
  expect(sent).toEqual([
    { box: '1/1.1', attempt: 0, revision: 4, learners: [1, 2], points: 1, reason: 'drawn right' },
  ])
  expect(screen.getByRole<HTMLInputElement>('textbox').value).toBe('drawn right')
})

test('the arrows go through the answers; more marks than there are cannot be given', async () => {
  const sent: unknown[] = []
  open(sent)
  await screen.findByRole('button', { name: /16 Ω/ })
  fireEvent.keyDown(document.documentElement, { key: '7' })
  fireEvent.keyDown(document.documentElement, { key: 'ArrowDown' })
  const other = screen.getByRole('button', { name: /3 Ω/ })
  expect(other.getAttribute('aria-expanded')).toBe('true')
  expect(document.activeElement).toBe(other)
  expect(within(other.closest('li')!).getByText('C. Cedar')).toBeTruthy()
  expect(sent).toEqual([])
})
