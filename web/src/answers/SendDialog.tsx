import { Anchor, Button, Group, Modal, Stack, Text } from '@mantine/core'
import { useMutation, useQueryClient } from '@tanstack/react-query'
import { useRef } from 'react'
import { useTranslation } from 'react-i18next'
import { body, client, type Schemas } from '../api/client'
import { announce } from '../ui/announce'
import { atMoment } from '../ui/when'
import { answersOf, forgetOnDevice, type Texts } from './keptAnswers'
import type { Place } from './places'

interface SendDialogProps {
  opened: boolean
  onClose: () => void
  sheet: Pick<Schemas['SheetView'], 'id' | 'attempt'>
  person: string
  texts: Texts
  /** Boxes that are empty, and those that hold what cannot be read. */
  open: Place[]
  unread: Place[]
  /** Goes to a box. */
  onBox: (key: string) => void
}

/** Asks before a sheet is sent, and sends it. Enter alone never sends a sheet on which something is missing. */
export default function SendDialog({
  opened,
  onClose,
  sheet,
  person,
  texts,
  open,
  unread,
  onBox,
}: SendDialogProps) {
  const { t } = useTranslation()
  const queries = useQueryClient()
  const aborting = useRef<AbortController>(undefined)
  const send = useMutation({
    mutationFn: () => {
      aborting.current = new AbortController()
      return body(
        client.POST('/api/my/work/{id}/submission', {
          params: { path: { id: sheet.id } },
          body: { answers: answersOf(texts), attempt: sheet.attempt },
          signal: aborting.current.signal,
        }),
      )
    },
    onSuccess: (sent) => {
      announce(t('work.sent', { time: atMoment(sent.sentAt ?? '') }))
      forgetOnDevice(person, sheet)
      return queries.invalidateQueries({ queryKey: ['work'] })
    },
  })
  const cancel = () => {
    if (send.isPending) {
      aborting.current?.abort()
      // It may have arrived all the same: the sheet then says so.
      void queries.invalidateQueries({ queryKey: ['work', sheet.id] })
    }
    send.reset()
    onClose()
  }
  const missing = open.length + unread.length > 0
  return (
    <Modal
      opened={opened}
      onClose={cancel}
      title={t('work.sendTitle')}
      closeButtonProps={{ 'aria-label': t('ui.close') }}
    >
      <Stack>
        <Missing title={t('work.sendOpen', { count: open.length })} boxes={open} onBox={onBox} />
        <Missing title={t('work.sendUnread', { count: unread.length })} boxes={unread} onBox={onBox} />
        <Text>{t('work.sendAsk')}</Text>
        {send.isError && (
          <Text c="var(--mantine-color-error)" role="alert">
            {send.error.message}
          </Text>
        )}
        <Group justify="flex-end">
          <Button variant="default" onClick={cancel} data-autofocus={missing || undefined}>
            {t('ui.cancel')}
          </Button>
          <Button
            loading={send.isPending}
            onClick={() => send.mutate()}
            onKeyDown={(event) => event.repeat && event.preventDefault()}
            data-autofocus={!missing || undefined}
          >
            {t('work.sendYes')}
          </Button>
        </Group>
      </Stack>
    </Modal>
  )
}

function Missing({ title, boxes, onBox }: { title: string; boxes: Place[]; onBox: (key: string) => void }) {
  if (boxes.length === 0) return null
  return (
    <Text component="div">
      {title}{' '}
      {boxes.map(({ box, name }, place) => (
        <span key={box.id}>
          {place > 0 && ', '}
          <Anchor component="button" type="button" underline="always" onClick={() => onBox(box.id)}>
            {name}
          </Anchor>
        </span>
      ))}
    </Text>
  )
}
