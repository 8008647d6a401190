import { startTransition, useEffect, useState } from 'react'

/** The value once the frame in which it came has been painted: what is shown from it does not hold that frame up. */
export function useAfterPaint<T>(value: T): T {
  const [shown, setShown] = useState(value)
  useEffect(() => {
    let task: ReturnType<typeof setTimeout>
    const frame = requestAnimationFrame(() => {
      task = setTimeout(() => startTransition(() => setShown(value)))
    })
    return () => {
      cancelAnimationFrame(frame)
      clearTimeout(task)
    }
  }, [value])
  return shown
}
