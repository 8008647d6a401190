import { Button, Group, Modal, Text } from '@mantine/core'
import { useMutation, useQuery } from '@tanstack/react-query'
import { useTranslation } from 'react-i18next'
import { client } from '../api/client'
import { paperRevisionsQuery } from '../api/queries'
import list from '../desk/Desk.module.css'
import { announce } from '../ui/announce'
import { Empty } from '../ui/Empty'
import { Loading } from '../ui/Loading'
import { notifyFailure } from '../ui/notify'
import { atMoment } from '../ui/when'
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
    <Modal
      opened
      onClose={onClose}
      title={t('paper.historyTitle', { title: paper.title })}
      closeButtonProps={{ 'aria-label': t('ui.close') }}
    >
      {revisions.isPending && <Loading />}
      {revisions.data?.length === 0 && <Empty text={t('paper.historyNone')} />}
      <ul className={list.list}>
        {revisions.data?.map((one) => (
          <li key={one.revision}>
            <Group justify="space-between" wrap="nowrap" py={6}>
              <div>
                <Text>{one.title}</Text>
                <Text c="dimmed" fz="xs">
                  {atMoment(one.at)} · {t('papers.questions', { count: one.questions })}
                </Text>
              </div>
              <Button
                variant="default"
                size="compact-sm"
                aria-label={t('paper.bringBack', { when: atMoment(one.at) })}
                loading={back.isPending && back.variables === one.revision}
                onClick={() => back.mutate(one.revision)}
              >
                {t('paper.back')}
              </Button>
            </Group>
          </li>
        ))}
      </ul>
    </Modal>
  )
}
