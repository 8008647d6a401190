import { useMemo, useState } from 'react'
import type { Schemas } from '../api/client'
import { fitted, keyOf, startingUses, type Uses } from './cells'

/** Given and asked cells; they stay with their parts while the circuit is edited. */
export function useUses(analysis: Schemas['AnalysisView'] | undefined, question?: Schemas['QuestionView']) {
  const rows = useMemo(() => analysis && [...analysis.rows, ...analysis.readings], [analysis])
  const [held, setHeld] = useState<{ uses: Uses; known: ReadonlySet<string> } | undefined>(
    question && {
      uses: {
        given: new Set(question.given.map(keyOf)),
        asked: new Map(question.asked.map((one) => [keyOf(one.cell), one.marks])),
      },
      known: new Set<string>(),
    },
  )
  const uses = useMemo<Uses>(() => {
    if (!rows) return { given: new Set(), asked: new Map() }
    if (!held) return startingUses(rows)
    const known = held.known.size ? held.known : new Set(rows.map((row) => row.id))
    return fitted(held.uses, rows, known)
  }, [rows, held])
  const set = (next: Uses) => setHeld({ uses: next, known: new Set(rows?.map((row) => row.id)) })
  return [uses, set] as const
}
