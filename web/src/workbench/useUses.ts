import { useMemo } from 'react'
import type { Schemas } from '../api/client'
import { fitted, startingUses, type Uses } from './cells'
import type { Making } from './making'

/** Given and asked cells as they fit the circuit; they stay with their parts while it is edited. */
export function useUses(
  analysis: Schemas['AnalysisView'] | undefined,
  held: Making['uses'],
  onUses: (held: Making['uses']) => void,
) {
  const rows = useMemo(() => analysis && [...analysis.rows, ...analysis.readings], [analysis])
  const uses = useMemo<Uses>(() => {
    if (!rows) return { given: new Set(), asked: new Map() }
    if (!held) return startingUses(rows)
    const known = held.known.length ? held.known : rows.map((row) => row.id)
    return fitted(held.uses, rows, new Set(known))
  }, [rows, held])
  const set = (next: Uses) => onUses({ uses: next, known: rows?.map((row) => row.id) ?? [] })
  return [uses, set] as const
}
