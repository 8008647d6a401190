import { useEffect, useRef } from 'react'
import { FIRST_CIRCUIT } from './benchAddress'
import type { Making } from './making'
import { ownStyle } from './ownStyle'
import type { BenchView } from './useBenchView'

/** Opens a circuit in the style in which it was typed, a fresh one in the style chosen last, unless the address says another. */
export function useStyleTypedIn(view: BenchView, { notation, style: typedIn, asking }: Making) {
  const opened = useRef(false)
  const { set, style: shown } = view
  const fresh = notation === FIRST_CIRCUIT && !asking
  const style = typedIn ?? (fresh ? ownStyle.get() : undefined)
  useEffect(() => {
    if (!opened.current && style !== undefined && shown === undefined) set({ style })
    opened.current = true
  }, [set, shown, style])
}
