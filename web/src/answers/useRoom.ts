import { useState } from 'react'

/** The room a drawing gets on this screen, taken once: a sheet is not laid out anew while it is written on. */
export function useRoom() {
  const [room] = useState(() =>
    window.innerWidth <= 900
      ? { width: window.innerWidth - 8, height: 224 }
      : { width: window.innerWidth - 476, height: Math.min(window.innerHeight * 0.58, 520) - 16 },
  )
  return room
}
