import { useElementSize } from '@mantine/hooks'
import { useMemo } from 'react'

/** The room there is for a drawing, in steps, so that it is not drawn anew for every pixel. */
export function useRoom() {
  const { ref, width, height } = useElementSize()
  const room = useMemo(
    () => ({ width: Math.round(width / 40) * 40, height: Math.round(height / 40) * 40 }),
    [width, height],
  )
  return { ref, room }
}
