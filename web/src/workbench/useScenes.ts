import { useQueries } from '@tanstack/react-query'
import { scenesQuery, type CircuitRequest } from '../api/queries'
import type { Schemas } from '../api/client'

type Stage = Schemas['StageView']
type Scene = Schemas['SceneView']

/**
 * The redraws of some stages. The first stages bring theirs; later ones of a long folding are asked for when they are
 * looked at, as many at a time as came with the first answer.
 */
export function useScenes(request: CircuitRequest, stages: Stage[], places: number[]): (Scene | undefined)[] {
  const block = stages.findIndex((stage) => !stage.scene)
  const start = (place: number) => Math.floor(place / block) * block
  const missing = places.filter((place) => stages[place] && !stages[place].scene)
  const starts = [...new Set(missing.map(start))]
  const later = useQueries({ queries: starts.map((from) => scenesQuery(request, from)) })
  return places.map((place) => {
    const asked = later[starts.indexOf(start(place))]
    return stages[place]?.scene ?? asked?.data?.scenes[place - start(place)]
  })
}
