import { keepPreviousData, useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { ProblemError, type Schemas } from '../api/client'
import { checkQuery } from '../api/queries'
import type { StateBody } from './asking'

const acts = (states: readonly StateBody[]) => states.map(({ act }) => ({ act }))

/** The question to ask for what a circuit is in its states, whatever is told and asked in them. */
export const statesRequest = (
  notation: string,
  style: string | undefined,
  states: readonly StateBody[],
): Schemas['QuestionToCheck'] => ({ body: { notation, states: acts(states), tasks: [] }, style })

/** A circuit in the states of its question, and which of them is looked at. */
export function useCircuitStates(notation: string, style: string | undefined, states: readonly StateBody[]) {
  const [chosen, choose] = useState(0)
  const query = useQuery({
    ...checkQuery(statesRequest(notation, style, states)),
    enabled: states.length > 0 && notation.trim() !== '',
    placeholderData: keepPreviousData,
  })
  const found = states.length > 0 ? query.data?.states : undefined
  const state = Math.min(chosen, states.length)
  return {
    /** 0 as drawn. */
    state,
    choose,
    /** The line of text of what is looked at. */
    notation: state === 0 ? notation : (found?.[state]?.notation ?? notation),
    /** What was done to come to each state after the first. */
    acts: states.map(
      (one, place) => found?.[place + 1]?.act ?? [one.act.part, one.act.act].filter(Boolean).join(' '),
    ),
    /** Why the states cannot be worked out. */
    problem: query.error instanceof ProblemError && states.length > 0 ? query.error.problem : undefined,
  }
}

export type CircuitStates = ReturnType<typeof useCircuitStates>
