import { useEffect, useRef } from 'react'
import type { BenchView } from './useBenchView'

/** Opens a circuit in the style in which it was typed, unless the address says another. */
export function useStyleTypedIn(view: BenchView, style: string | undefined) {
  const opened = useRef(false)
  const { set, style: shown } = view
  useEffect(() => {
    if (!opened.current && style !== undefined && shown === undefined) set({ style })
    opened.current = true
  }, [set, shown, style])
}
