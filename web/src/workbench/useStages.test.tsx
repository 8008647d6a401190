import { screen } from '@testing-library/react'
import { expect, test } from 'vitest'
import type { Schemas } from '../api/client'
import { shown } from '../test/shown'
import { useStages } from './useStages'

const stage = (group: number) => ({ group: String(group) }) as Schemas['StageView']
const some = (from: number, to: number) => ({
  count: 7,
  from,
  stages: Array.from({ length: to - from }, (_, place) => stage(from + place)),
})

function Shown({ places }: { places: number[] }) {
  const stages = useStages({ notation: '9 V : R1=1' }, some(0, 3), places)
  return <p>{stages.map((one) => one?.group ?? '-').join(' ')}</p>
}

test('of a long folding the stages that are looked at are asked for, as many together as came first', async () => {
  const { asked } = shown(<Shown places={[1, 4, 5]} />, ({ body }) => {
    const { from } = body as { from: number }
    return some(from, Math.min(7, from + 3))
  })
  await screen.findByText('0 1 2 3 4 5 -')
  expect(asked.map(({ body }) => (body as { from: number }).from)).toEqual([3])
})

test('what is all there asks for nothing', () => {
  const { asked } = shown(<Shown places={[0, 1, 2, 99]} />, () => ({}))
  expect(screen.getByText('0 1 2 - - - -')).toBeTruthy()
  expect(asked).toEqual([])
})
