import { Button, Group, Modal, PasswordInput, Stack } from '@mantine/core'
import { useMutation } from '@tanstack/react-query'
import { useState, type FormEvent } from 'react'
import { useTranslation } from 'react-i18next'
import { client } from '../api/client'
import { notify } from '../ui/notify'

/** Everyone's own password, changed by who knows the one there is. */
export default function PasswordDialog({ onClose }: { onClose: () => void }) {
  const { t } = useTranslation()
  const [now, setNow] = useState('')
  const [next, setNext] = useState('')
  const change = useMutation({
    mutationFn: () => client.PUT('/api/session/password', { body: { now, next } }),
    onSuccess: () => {
      notify(t('ownPassword.done'))
      onClose()
    },
  })
  const submit = (event: FormEvent) => {
    event.preventDefault()
    change.mutate()
  }
  return (
    <Modal
      opened
      onClose={onClose}
      title={t('ownPassword.title')}
      closeButtonProps={{ 'aria-label': t('ui.close') }}
    >
      <form onSubmit={submit}>
        <Stack>
          <PasswordInput
            label={t('ownPassword.now')}
            value={now}
            onChange={(event) => setNow(event.currentTarget.value)}
            autoComplete="current-password"
            data-autofocus
          />
          <PasswordInput
            label={t('ownPassword.next')}
            description={t('signIn.passwordRule')}
            value={next}
            onChange={(event) => setNext(event.currentTarget.value)}
            autoComplete="new-password"
            error={change.error?.message}
          />
          <Group justify="flex-end">
            <Button variant="default" onClick={onClose}>
              {t('ui.cancel')}
            </Button>
            <Button type="submit" loading={change.isPending}>
              {t('ownPassword.change')}
            </Button>
          </Group>
        </Stack>
      </form>
    </Modal>
  )
}
