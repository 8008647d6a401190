import { useMutation, useQuery } from '@tanstack/react-query'
import { useTranslation } from 'react-i18next'
import { client } from '../api/client'
import { paperRevisionsQuery } from '../api/queries'
import { announce } from '../ui/announce'
import { Earlier } from '../ui/Earlier'
import { notifyFailure } from '../ui/notify'
import type { PaperView } from './keptPaper'

interface PaperHistoryProps {
  paper: PaperView
  onClose: () => void
  /** Called when it is what it was again. */
  onBack: () => void
}

/** What a paper was before each change, to be brought back. */
export function PaperHistory({ paper, onClose, onBack }: PaperHistoryProps) {
  const { t } = useTranslation()
  const revisions = useQuery(paperRevisionsQuery(paper.id))
  const back = useMutation({
    mutationFn: (revision: number) =>
      client.POST('/api/papers/{id}/revisions/{revision}/restoration', {
        params: { path: { id: paper.id, revision } },
      }),
    onSuccess: () => {
      announce(t('paper.broughtBack'))
      onBack()
    },
    onError: notifyFailure,
  })
  return (
    <Earlier
      title={paper.title}
      ones={revisions.data?.map((one) => ({
        ...one,
        size: t('papers.questions', { count: one.questions }),
      }))}
      pending={back.isPending ? back.variables : undefined}
      onBack={back.mutate}
      onClose={onClose}
    />
  )
}
