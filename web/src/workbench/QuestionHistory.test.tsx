import { fireEvent, screen } from '@testing-library/react'
import { expect, test, vi } from 'vitest'
import { shown, type Asked } from '../test/shown'
import { QuestionHistory } from './QuestionHistory'

const question = { id: 4, title: 'Boot dryer', draftId: null, body: {}, marks: 5, flaws: [] } as never
const earlier = { notation: '16 V : R1=5', tasks: [] }
const ones = [
  { revision: 2, title: 'Boot dryer', at: '2026-11-02T08:00:00Z', marks: 4, body: earlier },
  { revision: 1, title: 'Dryer', at: '2026-11-01T08:00:00Z', marks: 1, body: { tasks: [] } },
]

function open(revisions: object[]) {
  const onTake = vi.fn()
  shown(<QuestionHistory question={question} onTake={onTake} />, ({ path }: Asked) =>
    path === '/api/questions/4/revisions' ? revisions : {},
  )
  fireEvent.click(screen.getByText('Before…'))
  return onTake
}

test('what a question was comes onto the bench, the latest first', async () => {
  const onTake = open(ones)
  const back = await screen.findAllByText('Bring back')
  expect(screen.getAllByText(/mark/).map((one) => one.textContent?.split(' · ')[1])).toEqual([
    '4 marks',
    '1 mark',
  ])
  fireEvent.click(back[0]!)
  expect(onTake).toHaveBeenCalledWith(earlier)
})

test('a question that was never changed says so', async () => {
  open([])
  expect(await screen.findByText('It has not been changed yet.')).toBeTruthy()
})
