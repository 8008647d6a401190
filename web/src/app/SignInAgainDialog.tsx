import { Button, Group, Modal, PasswordInput, Stack, Text } from '@mantine/core'
import { useMutation } from '@tanstack/react-query'
import { useState, type FormEvent } from 'react'
import { useTranslation } from 'react-i18next'
import { body, client } from '../api/client'

interface SignInAgainDialogProps {
  username: string
  displayName: string
  /** Whether the session is somebody else's by now. */
  somebodyElse: boolean
  /** Called with whether the person is signed in again. */
  onEnd: (done: boolean) => void
}

/** The password once more, for the person whose screen this is. */
export default function SignInAgainDialog({
  username,
  displayName,
  somebodyElse,
  onEnd,
}: SignInAgainDialogProps) {
  const { t } = useTranslation()
  const [password, setPassword] = useState('')
  const signIn = useMutation({
    mutationFn: () => body(client.POST('/api/session', { body: { username, password } })),
    onSuccess: () => onEnd(true),
  })
  const submit = (event: FormEvent) => {
    event.preventDefault()
    signIn.mutate()
  }
  return (
    <Modal
      opened
      onClose={() => onEnd(false)}
      title={t('signIn.again')}
      closeButtonProps={{ 'aria-label': t('ui.close') }}
    >
      <form onSubmit={submit}>
        <Stack>
          <Text>{t(somebodyElse ? 'signIn.somebodyElse' : 'signIn.ended', { name: displayName })}</Text>
          <input type="hidden" name="username" autoComplete="username" value={username} readOnly />
          <PasswordInput
            label={t('signIn.passwordOf', { username })}
            value={password}
            onChange={(event) => setPassword(event.currentTarget.value)}
            autoComplete="current-password"
            error={signIn.error?.message}
            data-autofocus
          />
          <Group justify="flex-end">
            <Button variant="default" onClick={() => onEnd(false)}>
              {t('signIn.notNow')}
            </Button>
            <Button type="submit" loading={signIn.isPending}>
              {t('signIn.title')}
            </Button>
          </Group>
        </Stack>
      </form>
    </Modal>
  )
}
