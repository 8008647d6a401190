import { useDebouncedValue } from '@mantine/hooks'
import { keepPreviousData, useQuery, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { ProblemError } from '../api/client'
import { useStages } from './useStages'
import { analysisQuery, foldingQuery, type CircuitRequest, type Room } from '../api/queries'

const FOLDING_PAUSE_MS = 250

/** What the server makes of a circuit: chart, working, drawing, and the stages of its folding. */
export function useWorkedCircuit(
  notation: string,
  room: Room,
  style: string | undefined,
  plan: CircuitRequest['plan'],
) {
  const queries = useQueryClient()
  const [settled] = useDebouncedValue(notation, FOLDING_PAUSE_MS)
  const empty = notation.trim() === ''
  const request = { notation, room, style, plan }
  const analysis = useQuery({
    ...analysisQuery(request),
    enabled: room.width > 0 && !empty,
    placeholderData: keepPreviousData,
  })
  const settledRequest = { ...request, notation: settled }
  const folding = useQuery({
    ...foldingQuery(settledRequest),
    enabled: room.width > 0 && settled === notation && analysis.isSuccess && !empty,
    placeholderData: keepPreviousData,
  })
  const [seen, setSeen] = useState({ notation: settled, places: new Set<number>() })
  const looked = seen.notation === settled && !folding.isPlaceholderData ? seen.places : []
  const stages = useStages(settledRequest, folding.data, looked)
  // A text that cannot be read, half typed as a rule, leaves standing what could be read last.
  const [readable, setReadable] = useState(analysis.data)
  if (analysis.data && analysis.data !== readable) setReadable(analysis.data)
  const problem = !empty && analysis.error instanceof ProblemError ? analysis.error.problem : undefined
  return {
    /** The text that was analysed last; none while another is. */
    analysed: analysis.isPlaceholderData ? undefined : notation,
    analysis: empty ? undefined : (analysis.data ?? readable),
    problem,
    failure: analysis.isError && !problem && !empty ? analysis : undefined,
    stages: empty ? [] : stages,
    /** Asks for a stage of a long folding, and the next, which tells what unfolding to it gives. */
    see: (place: number) =>
      setSeen((now) => ({
        notation: settled,
        places: new Set(now.notation === settled ? now.places : []).add(place).add(place + 1),
      })),
    // The stages are those of the circuit before, until the typing rests and the new ones are there.
    staleStages: settled !== notation || folding.isPlaceholderData,
    empty,
    /** Asks for the circuit to come while the page still takes the key that made it. */
    ask: (next: string) => {
      if (room.width > 0 && next.trim() !== '')
        void queries.prefetchQuery(analysisQuery({ room, style, plan, notation: next }))
    },
  }
}
