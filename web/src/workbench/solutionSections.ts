import type { Schemas } from '../api/client'
import { told } from './stages'

type Stage = Schemas['StageView']

/** One stretch of the worked solution: a stage forth or back with its steps. */
export interface Section {
  title: 'resistances' | 'folded' | 'total' | 'unfolded' | 'power'
  members: string
  reason: string
  steps: Schemas['StepView'][]
  /** The redraw that belongs to it, and what is new in it. */
  scene?: Schemas['SceneView']
  words: string
  group: string
}

/** The solution in the order it is worked: every fold, the total current, every unfolding, the rest. */
export function sections(stages: Stage[]): Section[] {
  const forth = stages.map((stage, place): Section => {
    const { title, members, reason, steps } = told(stages, place, 'folding')
    const folds = steps.filter((step) => step.phase !== 'total-current')
    return {
      title: title === 'folded' ? 'folded' : 'resistances',
      members,
      reason,
      steps: folds,
      scene: stage.scene,
      words: stage.words,
      group: stage.group,
    }
  })
  const last = stages.at(-1)
  const total = last?.unfolding.filter((step) => step.phase === 'total-current') ?? []
  const back = stages.map((stage, place): Section => {
    const left = stages[place + 1]
    const { members, steps } = told(stages, place, 'unfolding')
    const own = new Set((place === 0 ? stage.unfolding : []).map((step) => step.text))
    return {
      title: 'unfolded',
      members,
      reason: '',
      steps: steps.filter((step) => !own.has(step.text)),
      scene: stage.scene,
      words: stage.words,
      group: left?.group ?? '',
    }
  })
  const rest =
    stages[0]?.unfolding.filter((step) => stages.length > 1 || step.phase !== 'total-current') ?? []
  const bare = { members: '', reason: '', words: '', group: '' }
  return [
    ...forth.slice(1),
    { ...bare, title: 'total' as const, steps: total },
    ...back.slice(0, -1).reverse(),
    { ...bare, title: 'power' as const, steps: rest },
  ].filter((section) => section.steps.length > 0 || section.title === 'resistances')
}
