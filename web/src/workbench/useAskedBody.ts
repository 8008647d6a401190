import { useDidUpdate } from '@mantine/hooks'
import { useMemo } from 'react'
import type { Schemas } from '../api/client'
import { questionBody, type Asking } from './asking'
import { ownPlan, type BenchView } from './useBenchView'

/** The question as it is asked of the server: the learner sees it drawn as it is on the workbench. */
export function useAskedBody(
  notation: string,
  asking: Asking,
  { style, plan }: BenchView,
  onAsking: (asking: Asking) => void,
) {
  const drawn = JSON.stringify(ownPlan(plan) ?? {})
  useDidUpdate(() => {
    if (asking.tasks.length > 0) onAsking({ ...asking, plan: ownPlan(plan) })
  }, [drawn])
  return useMemo(
    () => ({
      body: questionBody(notation, { ...asking, plan: ownPlan(JSON.parse(drawn) as Schemas['PlanView']) }),
      style,
    }),
    [notation, asking, style, drawn],
  )
}
