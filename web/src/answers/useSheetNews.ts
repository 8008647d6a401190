import { useQueryClient } from '@tanstack/react-query'
import { useEffect } from 'react'

/**
 * Asks for a sheet again when the server says that something about it has changed, and when the page comes back into
 * sight: only what is looked at holds a line.
 */
export function useSheetNews(id: number) {
  const queries = useQueryClient()
  useEffect(() => {
    // Not where there are no such lines: everything still works, a change is then met at the next keeping.
    if (typeof EventSource === 'undefined') return
    let line: EventSource | undefined
    const ask = () => void queries.invalidateQueries({ queryKey: ['work', id] })
    const listen = () => {
      line = new EventSource(`/api/my/work/${id}/news`)
      line.addEventListener('changed', ask)
    }
    const see = () => {
      line?.close()
      if (document.visibilityState === 'hidden') return
      listen()
      ask()
    }
    listen()
    document.addEventListener('visibilitychange', see)
    return () => {
      document.removeEventListener('visibilitychange', see)
      line?.close()
    }
  }, [id, queries])
}
