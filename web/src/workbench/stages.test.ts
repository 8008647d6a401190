import { expect, test } from 'vitest'
import type { Schemas } from '../api/client'
import { sections } from './solutionSections'
import { told } from './stages'

const step = (phase: string, text: string) => ({ phase, text }) as Schemas['StepView']

/** R1 in series with R2 and R3 in parallel: as given, R2 and R3 folded, all folded. */
const stages = [
  { kind: 'given', members: '', reason: '', rows: [], folding: [], unfolding: [step('power', 'P1')] },
  {
    kind: 'fold',
    members: 'R2 and R3',
    reason: 'both ends on a and b',
    group: 'R23',
    rows: ['R23', 'R2', 'R3'],
    folding: [step('fold', 'R23')],
    unfolding: [step('unfold', 'I2'), step('unfold', 'I3')],
  },
  {
    kind: 'fold',
    members: 'R1 and R23',
    reason: 'the same current must pass',
    group: 'total',
    rows: ['total', 'R1', 'R23'],
    folding: [step('fold', 'Rt')],
    unfolding: [step('total-current', 'It'), step('unfold', 'V1'), step('unfold', 'V23')],
  },
] as unknown as Schemas['StageView'][]

const texts = (steps: Schemas['StepView'][]) => steps.map((one) => one.text)

test('coming from the left a stage tells its fold, and the last also the total current', () => {
  expect(told(stages, 0, 'folding').title).toBe('start')
  expect(told(stages, 1, 'folding')).toMatchObject({ title: 'folded', members: 'R2 and R3' })
  expect(texts(told(stages, 2, 'folding').steps)).toEqual(['Rt', 'It'])
})

test('coming back a stage tells what unfolding the next one gave, and the first also the rest', () => {
  expect(told(stages, 1, 'unfolding')).toMatchObject({ title: 'unfolded', rows: ['total', 'R1', 'R23'] })
  expect(texts(told(stages, 1, 'unfolding').steps)).toEqual(['V1', 'V23'])
  expect(texts(told(stages, 0, 'unfolding').steps)).toEqual(['I2', 'I3', 'P1'])
})

test('the written solution holds every step once, in the order it is worked', () => {
  const parts = sections(stages)
  expect(parts.map((part) => part.title)).toEqual([
    'folded',
    'folded',
    'total',
    'unfolded',
    'unfolded',
    'power',
  ])
  expect(parts.flatMap((part) => texts(part.steps))).toEqual([
    'R23',
    'Rt',
    'It',
    'V1',
    'V23',
    'I2',
    'I3',
    'P1',
  ])
})
