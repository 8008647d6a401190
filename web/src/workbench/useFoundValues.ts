import { keepPreviousData, useQuery } from '@tanstack/react-query'
import { ProblemError, type Schemas } from '../api/client'
import { valuesQuery } from '../api/queries'

/** The values of what varies in a question, and how far each cell of its chart goes with them. */
export function useFoundValues(request: Schemas['QuestionToCheck'], ready: boolean) {
  const values = useQuery({
    ...valuesQuery(request),
    enabled: ready,
    placeholderData: keepPreviousData,
  })
  const varies = (request.body.vary ?? []).length > 0
  return {
    data: values.data,
    /** Why what varies cannot be read. */
    problem:
      values.error instanceof ProblemError && values.error.problem.field === 'vary'
        ? values.error.problem
        : undefined,
    spread: varies ? (values.data?.spread ?? []) : [],
  }
}

export type FoundValues = ReturnType<typeof useFoundValues>
