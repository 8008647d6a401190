import { notifyManager, QueryClient } from '@tanstack/react-query'
import { ProblemError } from '../api/client'

/** A refusal is an answer; only what failed on the way is asked again. */
export const queryClient = new QueryClient({
  defaultOptions: {
    queries: {
      retry: (count, error) => !(error instanceof ProblemError) && count < 2,
      staleTime: 5_000,
    },
  },
})

// An answer is shown in the turn in which it came.
notifyManager.setScheduler(queueMicrotask)
