import { SegmentedControl } from '@mantine/core'
import { useMutation, useQueryClient } from '@tanstack/react-query'
import { useTranslation } from 'react-i18next'
import { body, client, type Schemas } from '../api/client'
import { boxResultsQuery } from '../api/queries'
import { notifyAndOffer, notifyFailure } from '../ui/notify'

interface DecideProps {
  assignment: number
  box: Schemas['BoxResults']
  value: Schemas['WrongValue']
}

/** What a wording earns, for all who wrote it; it can be taken back, and stays decided in later hand-outs. */
export function Decide({ assignment, box, value }: DecideProps) {
  const { t } = useTranslation()
  const queries = useQueryClient()
  const decide = useMutation({
    mutationFn: (points: number | null) =>
      body(
        client.POST('/api/assignments/{id}/wordings', {
          params: { path: { id: assignment } },
          body: { box: box.box, text: value.shown, points },
        }),
      ),
    onSuccess: (view, points) => {
      queries.setQueryData(boxResultsQuery(assignment).queryKey, view)
      void queries.invalidateQueries({ queryKey: ['assignments'], refetchType: 'none' })
      if (points !== null)
        notifyAndOffer(
          t('boxes.decided', { points, total: box.marks, count: value.learners.length }),
          t('ui.undo'),
          () => decide.mutate(null),
        )
    },
    onError: notifyFailure,
  })
  return (
    <SegmentedControl
      aria-label={t('boxes.decide', { wording: value.shown })}
      size="xs"
      value={String(value.points)}
      data={Array.from({ length: box.marks + 1 }, (_, points) => String(points))}
      onChange={(points) => decide.mutate(Number(points))}
    />
  )
}
