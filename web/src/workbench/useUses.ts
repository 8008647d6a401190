import { useMemo } from 'react'
import type { Schemas } from '../api/client'
import { askingFrom, usesOf, withUses, type Asking } from './asking'
import { fitted, startingUses, type Uses } from './cells'

const NOTHING: Uses = { given: new Set(), asked: new Map() }

/** Given and asked cells of a state as they fit the circuit; they stay with their parts while it is edited. */
export function useUses(
  analysis: Schemas['AnalysisView'] | undefined,
  asking: Asking | undefined,
  state: number,
  onAsking: (asking: Asking, typedAt?: number) => void,
) {
  const rows = useMemo(() => analysis && [...analysis.rows, ...analysis.readings], [analysis])
  const whole = useMemo<Asking>(() => {
    // Where there is no circuit, all is asked in words.
    if (!rows) return asking ?? askingFrom(NOTHING)
    if (!asking) return askingFrom(startingUses(rows))
    // Connected otherwise, a later state may have other rows than the circuit as drawn.
    if (state > 0) return asking
    const known = asking.known.length ? asking.known : rows.map((row) => row.id)
    return withUses(asking, 0, fitted(usesOf(asking, 0), rows, new Set(known)), asking.known)
  }, [rows, asking, state])
  const uses = useMemo(() => (rows ? usesOf(whole, state) : NOTHING), [rows, whole, state])
  const known = () => (state > 0 ? whole.known : (rows?.map((row) => row.id) ?? []))
  return {
    /** All that is told and asked, as it fits the circuit. */
    asking: whole,
    uses,
    setUses: (next: Uses) => onAsking(withUses(whole, state, next, known())),
    /** What is typed letter by letter tells when, so that it is undone together. */
    setAsking: (next: Asking, typedAt?: number) => onAsking({ ...next, known: known() }, typedAt),
  }
}
