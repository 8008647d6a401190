import { useState } from 'react'
import type { Direction } from './stages'

const START: { stage: number; direction: Direction } = { stage: 0, direction: 'folding' }

/** The stage of folding that is looked at, and whether it was come to by folding; another circuit begins anew. */
export function useStageInHand(notation: string, stages: number) {
  const [place, setPlace] = useState({ notation, ...START })
  const { stage, direction } = place.notation === notation && place.stage < stages ? place : START
  const goTo = (to: number) =>
    setPlace({ notation, stage: to, direction: to >= stage ? 'folding' : 'unfolding' })
  return { stage, direction, goTo }
}
