import { expect, test } from 'vitest'
import {
  askingFrom,
  questionBody,
  usesOf,
  withoutStatesFrom,
  withUses,
  type Asking,
  type TaskBody,
} from './asking'

const uses = (given: string[], asked: [string, number][]) => ({
  given: new Set(given),
  asked: new Map(asked),
})
const rank: TaskBody = { kind: 'rank', things: ['L1', 'L2'], quantity: 'power' }

const asking: Asking = {
  given: new Set(['R1 resistance']),
  known: ['R1'],
  stem: 'A battery.',
  states: [{ act: { act: 'close', part: 'S1' }, given: [] }],
  tasks: [
    { kind: 'chart', cells: [{ subject: 'R1', quantity: 'current', marks: 2 }] },
    { ...rank, state: 1 },
  ],
}

test('the cells of each state’s chart are read and written without touching what else is asked', () => {
  expect(usesOf(asking, 0)).toEqual(uses(['R1 resistance'], [['R1 current', 2]]))
  const more = withUses(asking, 1, uses(['A1 current'], [['V1 voltage', 3]]), ['R1', 'V1'])
  expect(usesOf(more, 0)).toEqual(usesOf(asking, 0))
  expect(usesOf(more, 1)).toEqual(uses(['A1 current'], [['V1 voltage', 3]]))
  expect(more.tasks.map(({ kind, state }) => [kind, state])).toEqual([
    ['chart', undefined],
    ['rank', 1],
    ['chart', 1],
  ])
  expect(more.states[0]?.given).toEqual([{ subject: 'A1', quantity: 'current' }])
  // What is no longer asked leaves no empty task, and the others keep their places.
  const less = withUses(more, 0, uses([], []), [])
  expect(less.tasks.map(({ kind }) => kind)).toEqual(['rank', 'chart'])
  expect(less.given.size).toBe(0)
})

test('a chart that is asked stays where it stands among the tasks', () => {
  const last = { ...asking, tasks: [rank, ...asking.tasks] }
  const again = withUses(last, 0, uses([], [['R2 power', 1]]), [])
  expect(again.tasks.map(({ kind }) => kind)).toEqual(['rank', 'chart', 'rank'])
  expect(again.tasks[1]?.cells).toEqual([{ subject: 'R2', quantity: 'power', marks: 1 }])
})

test('names go with the parts that are there, and wait for those that are not', () => {
  const named = { ...asking, names: { R1: 'X', R12: 'coil', VR1: '', S1: 'key' } }
  expect(questionBody('9 V : R12=3 + VR1=4 + S1', named).names).toEqual({ R12: 'coil', S1: 'key' })
  expect(questionBody('9 V : VR1=3', named).names).toBeUndefined()
})

test('with a state goes what was asked in it, or compared with it', () => {
  const compared: TaskBody = { kind: 'compare', cells: [], otherState: 1 }
  const whole = { ...asking, tasks: [...asking.tasks, compared] }
  const before = withoutStatesFrom(whole, 1)
  expect(before.states).toEqual([])
  expect(before.tasks.map(({ kind }) => kind)).toEqual(['chart'])
})

test('what is found backwards becomes a question with one chart', () => {
  const found = askingFrom(uses(['E voltage'], [['R1 resistance', 1]]))
  expect(questionBody('9 V : R1=3', found)).toEqual({
    notation: '9 V : R1=3',
    stem: '',
    given: [{ subject: 'E', quantity: 'voltage' }],
    states: [],
    tasks: [{ kind: 'chart', state: 0, cells: [{ subject: 'R1', quantity: 'resistance', marks: 1 }] }],
  })
})
