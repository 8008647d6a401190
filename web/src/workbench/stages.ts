import type { Schemas } from '../api/client'
import type { Stages } from './useStages'

export type Direction = 'folding' | 'unfolding'

interface Told {
  title: 'start' | 'resistances' | 'folded' | 'unfolded' | 'all'
  members: string
  reason: string
  steps: Schemas['StepView'][]
  /** The rows of the chart that are used. */
  rows: string[]
}

const START: Told = { title: 'start', members: '', reason: '', steps: [], rows: [] }
const isWhole = (step: Schemas['StepView']) => step.phase === 'total-current'

/** What is told of a stage: coming from the left its fold, coming back what unfolding the next one gave. */
export function told(stages: Stages, place: number, direction: Direction): Told {
  const stage = stages[place]
  const left = stages[place + 1]
  if (!stage) return START
  if (direction === 'unfolding' && left) {
    const steps = left.unfolding.filter((step) => !isWhole(step))
    const rest = place === 0 ? stage.unfolding : []
    const title = left.kind === 'fold' ? 'unfolded' : 'all'
    return { title, members: left.members, reason: '', steps: [...steps, ...rest], rows: left.rows }
  }
  if (place === 0) return START
  const whole = place < stages.length - 1 ? [] : stage.unfolding.filter(isWhole)
  const title = stage.kind === 'fold' ? 'folded' : 'resistances'
  const steps = [...stage.folding, ...whole]
  return { title, members: stage.members, reason: stage.reason, steps, rows: stage.rows }
}
