import { expect, test } from 'vitest'
import { ProblemError, type Schemas } from '../api/client'
import { historyOf } from './history'
import { bodyOf, keptMaking, type Making } from './making'

const making = (stem: string): Making => ({
  notation: '12 V : R1=4',
  asking: {
    given: new Set(['R1 resistance']),
    known: ['R1'],
    stem,
    states: [],
    tasks: [{ kind: 'define', state: 0, term: 'resistance' } as Schemas['TaskBody']],
  },
})

/** As the server tells it: null where nothing was said, and its own order of keys. */
function told(body: Schemas['Body']) {
  const whole = (one: Schemas['Making']) => ({
    style: null,
    asking: one.asking && {
      plan: null,
      names: null,
      ...one.asking,
    },
    notation: one.notation,
  })
  const asked = whole(body.now)
  asked.asking!.tasks = body.now.asking!.tasks.map((task) => ({ id: null, marks: null, ...task }))
  return { ...body, now: asked }
}

test('what the server tells of one’s own is one’s own, and of somebody else’s is not', () => {
  const mine = historyOf(making('In the hut'))
  const kept = keptMaking('teacher', mine, undefined, undefined, () => undefined)
  const refused = new ProblemError({
    status: 409,
    detail: '',
    reason: 'changed-elsewhere',
    draft: { id: 3, revision: 2, keptAt: '2030-01-01T10:00:00Z', body: told(bodyOf(mine)) },
  })
  const theirs = kept.theirs(refused)!
  expect(kept.same(mine, theirs.value)).toBe(true)
  expect(kept.join(mine, mine, theirs.value)).toEqual(theirs.value)
  expect(kept.same(historyOf(making('In the station')), theirs.value)).toBe(false)
  expect(kept.join(mine, historyOf(making('In the station')), theirs.value)).toBeUndefined()
})
