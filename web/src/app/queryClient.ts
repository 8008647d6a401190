import { notifyManager, QueryClient } from '@tanstack/react-query'
import { ProblemError } from '../api/client'

/**
 * A refusal is an answer; only what failed on the way is asked again. Nothing waits for the network to come back: what is
 * sent fails at once and says so, and never goes out later by itself.
 */
export const queryClient = new QueryClient({
  defaultOptions: {
    mutations: { networkMode: 'always' },
    queries: {
      networkMode: 'always',
      refetchOnReconnect: true,
      retry: (count, error) => !(error instanceof ProblemError) && count < 2,
      staleTime: 5_000,
    },
  },
})

// An answer is shown in the turn in which it came.
notifyManager.setScheduler(queueMicrotask)
