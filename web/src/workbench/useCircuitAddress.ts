import { useDebouncedCallback, useDidUpdate } from '@mantine/hooks'
import type { useBenchView } from './useBenchView'

const PAUSE_MS = 300

/** The address follows the circuit when the typing rests; each change of it is a walk through the router. */
export function useCircuitAddress(view: ReturnType<typeof useBenchView>, notation: string, follows: boolean) {
  const toAddress = useDebouncedCallback((circuit: string) => view.set({ circuit }), PAUSE_MS)
  useDidUpdate(() => {
    if (follows) toAddress(notation)
  }, [notation])
}
