import { queryOptions } from '@tanstack/react-query'
import { body, client, speakFor } from './client'

export * from './circuitQueries'
export * from './classQueries'
export * from './keptQueries'

// Asked once: that a session has ended is met by the next request, which asks to sign in again in place.
export const sessionQuery = queryOptions({
  queryKey: ['session'],
  queryFn: async () => {
    const session = await body(client.GET('/api/session'))
    speakFor(session.username ?? null)
    return session
  },
  staleTime: Infinity,
})

export const stylesQuery = queryOptions({
  queryKey: ['styles'],
  queryFn: () => body(client.GET('/api/styles')),
  staleTime: Infinity,
})
