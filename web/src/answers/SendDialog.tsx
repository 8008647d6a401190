import { Button, Group, Modal, Stack, Text } from '@mantine/core'
import { useMutation, useQueryClient } from '@tanstack/react-query'
import { useTranslation } from 'react-i18next'
import { body, client } from '../api/client'
import { answersOf } from './useKeptAnswers'

interface SendDialogProps {
  opened: boolean
  onClose: () => void
  workId: number
  texts: Record<string, string>
  /** How many boxes are empty, and how many hold what cannot be read. */
  open: number
  unread: number
}

/** Asks before a sheet is sent, and sends it. */
export default function SendDialog({ opened, onClose, workId, texts, open, unread }: SendDialogProps) {
  const { t } = useTranslation()
  const queries = useQueryClient()
  const send = useMutation({
    mutationFn: () =>
      body(
        client.POST('/api/my/work/{id}/submission', {
          params: { path: { id: workId } },
          body: { answers: answersOf(texts) },
        }),
      ),
    onSuccess: () => queries.invalidateQueries({ queryKey: ['work'] }),
  })
  return (
    <Modal
      opened={opened}
      onClose={onClose}
      title={t('work.send')}
      closeButtonProps={{ 'aria-label': t('ui.close') }}
    >
      <Stack>
        <Text>
          {open > 0 && t('work.sendOpen', { count: open })}
          {unread > 0 && t('work.sendUnread', { count: unread })}
          {t('work.sendAsk')}
        </Text>
        {send.isError && (
          <Text c="var(--mantine-color-error)" role="alert">
            {send.error.message}
          </Text>
        )}
        <Group justify="flex-end">
          <Button variant="default" onClick={onClose}>
            {t('ui.cancel')}
          </Button>
          <Button loading={send.isPending} onClick={() => send.mutate()} data-autofocus>
            {t('work.sendYes')}
          </Button>
        </Group>
      </Stack>
    </Modal>
  )
}
