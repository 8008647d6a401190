import { useQueries } from '@tanstack/react-query'
import type { Schemas } from '../api/client'
import { stagesQuery, type CircuitRequest } from '../api/queries'

/** The stages of a folding, empty where one has not been looked at yet. */
export type Stages = (Schemas['StageView'] | undefined)[]

/**
 * A folding with those of its later stages that are looked at. The first come at once; of a long one the others are
 * asked for by place, as many together as came with the first answer.
 */
export function useStages(
  request: CircuitRequest,
  first: Schemas['FoldingView'] | undefined,
  places: Iterable<number>,
): Stages {
  const block = first?.stages.length ?? 1
  const starts = new Set<number>()
  for (const place of places) {
    if (first && place >= block && place < first.count) starts.add(Math.floor(place / block) * block)
  }
  return useQueries({
    queries: [...starts].map((from) => stagesQuery(request, from)),
    combine: (later) => {
      const stages: Stages = new Array<undefined>(first?.count ?? 0).fill(undefined)
      for (const some of [first, ...later.map((one) => one.data)])
        some?.stages.forEach((stage, place) => (stages[some.from + place] = stage))
      return stages
    },
  })
}
