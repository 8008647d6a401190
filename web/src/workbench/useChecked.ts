import { useDebouncedValue } from '@mantine/hooks'
import { keepPreviousData, useQuery } from '@tanstack/react-query'
import { ProblemError, type Schemas } from '../api/client'
import { checkQuery } from '../api/queries'

const PAUSE_MS = 250

/**
 * What the server says of a question as it stands, once its making rests: flaws, prompts, model. The request is to be one
 * and the same as long as nothing changes.
 */
export function useChecked(request: Schemas['QuestionToCheck'], ready: boolean) {
  const [settled] = useDebouncedValue(request, PAUSE_MS, { leading: true })
  // What was made while its circuit was not worked asks for cells of the circuit before.
  const upToDate = ready && settled === request
  const check = useQuery({ ...checkQuery(settled), enabled: upToDate, placeholderData: keepPreviousData })
  return {
    /** What was checked last, once its making rested. */
    settled,
    /** Whether that is the question as it stands. */
    upToDate,
    /** As it was last checked. */
    data: check.data,
    /** Why it could not be read. */
    problem: check.error instanceof ProblemError ? check.error.problem : undefined,
  }
}

export type Checked = ReturnType<typeof useChecked>
