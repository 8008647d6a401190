import { expect, test } from 'vitest'
import { ProblemError } from '../api/client'
import { keptPaper, withQuestions, withSection, type PaperMaking, type PaperView } from './keptPaper'

const paper: PaperMaking = { title: 'Term test', layout: { minutes: 30 }, questions: [7, 8, 9] }
const view = {
  id: 1,
  revision: 4,
  updatedAt: '2030-01-01T10:00:00Z',
  title: 'Term test',
  layout: { minutes: 30 },
  questions: [{ id: 7 }, { id: 8 }, { id: 9 }],
} as unknown as PaperView

test('a heading goes where its question goes, and goes with it', () => {
  const headed = withSection(withSection(paper, 0, 'First part'), 2, 'Second part')
  const moved = withQuestions(headed, [9, 7, 8])
  expect(moved.layout.sections?.map(({ before, title }) => `${before} ${title}`)).toEqual([
    '1 First part',
    '0 Second part',
  ])
  expect(withQuestions(moved, [7, 8]).layout.sections).toEqual([
    { before: 0, title: 'First part', text: null },
  ])
})

test('what two people change of different parts is joined, of the same part somebody chooses', () => {
  const { join } = keptPaper('teacher', view)
  const titled = { ...paper, title: 'Test 2' }
  const shorter = { ...paper, questions: [7] }
  expect(join(paper, titled, shorter)).toEqual({ ...titled, questions: [7] })
  expect(join(paper, titled, titled)).toEqual(titled)
  expect(join(paper, titled, { ...paper, title: 'Other' })).toBeUndefined()
})

test('a refusal that tells what is there instead is a conflict, any other is not', () => {
  const kept = keptPaper('teacher', view)
  const elsewhere = new ProblemError({
    status: 409,
    detail: '',
    reason: 'changed-elsewhere',
    paper: { ...view, revision: 5, title: 'Theirs' },
  })
  expect(kept.theirs(elsewhere)).toMatchObject({
    revision: 5,
    value: { title: 'Theirs', questions: [7, 8, 9] },
  })
  expect(kept.theirs(new ProblemError({ status: 400, detail: '' }))).toBeUndefined()
  // The server keeps a title without what is blank around it: half typed, it is one's own all the same.
  const { value } = kept.theirs(elsewhere)!
  expect(kept.saying({ ...paper, title: 'Theirs ' })).toBe(kept.saying(value))
  expect(kept.saying(paper)).not.toBe(kept.saying(value))
})
