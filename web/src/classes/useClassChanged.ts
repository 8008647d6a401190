import { useQueryClient } from '@tanstack/react-query'

/** Called when somebody has come into a class, changed or gone: its assignments count them too. */
export function useClassChanged() {
  const queries = useQueryClient()
  return () =>
    Promise.all([
      queries.invalidateQueries({ queryKey: ['classes'] }),
      queries.invalidateQueries({ queryKey: ['assignments'] }),
    ])
}
