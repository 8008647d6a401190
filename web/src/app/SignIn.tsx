import { Alert, Anchor, Button, PasswordInput, Stack, Text, TextInput, Title } from '@mantine/core'
import { useMutation, useQueryClient } from '@tanstack/react-query'
import { useState, type FormEvent } from 'react'
import { useTranslation } from 'react-i18next'
import { body, client, speakFor } from '../api/client'
import { sessionQuery } from '../api/queries'
import classes from './SignIn.module.css'

/** Sign-in; in an empty school the making of its first teacher, and for who was invited the making of their account. */
export function SignIn({ empty }: { empty: boolean }) {
  const { t } = useTranslation()
  const queries = useQueryClient()
  const [invited, setInvited] = useState(false)
  const [username, setUsername] = useState('')
  const [code, setCode] = useState('')
  const [displayName, setDisplayName] = useState('')
  const [password, setPassword] = useState('')
  const makes = empty || invited
  const enter = useMutation({
    mutationFn: async () => {
      const account = { code, username, displayName, password }
      if (empty) return body(client.POST('/api/first-teacher', { body: account }))
      if (invited) await client.POST('/api/colleague', { body: account })
      return body(client.POST('/api/session', { body: { username, password } }))
    },
    onSuccess: (session) => {
      speakFor(session.username ?? null)
      queries.setQueryData(sessionQuery.queryKey, session)
    },
  })
  const submit = (event: FormEvent) => {
    event.preventDefault()
    enter.mutate()
  }
  return (
    <main className={classes.page}>
      <title>{`${t('signIn.title')} · Didaxis`}</title>
      <form onSubmit={submit} className={classes.card} aria-label={t('signIn.title')}>
        <Stack gap="md">
          <Title order={1} fz={26}>
            Didaxis
          </Title>
          <Text c="dimmed">
            {t(empty ? 'signIn.first' : invited ? 'signIn.invitedTitle' : 'signIn.welcome')}
          </Text>
          {makes && (
            <TextInput
              key={invited ? 'invitation' : 'set-up'}
              label={t(invited ? 'signIn.invitation' : 'signIn.code')}
              description={invited ? undefined : t('signIn.codeFrom')}
              value={code}
              onChange={(event) => setCode(event.currentTarget.value)}
              autoComplete="one-time-code"
              autoCapitalize="none"
              autoFocus
              required
              withAsterisk={false}
            />
          )}
          <TextInput
            label={t('signIn.username')}
            description={makes ? t('signIn.usernameRule') : undefined}
            value={username}
            onChange={(event) => setUsername(event.currentTarget.value)}
            autoComplete="username"
            autoCapitalize="none"
            autoFocus={!makes}
            required
            withAsterisk={false}
          />
          {makes && (
            <TextInput
              label={t('signIn.displayName')}
              value={displayName}
              onChange={(event) => setDisplayName(event.currentTarget.value)}
              autoComplete="name"
              required
              withAsterisk={false}
            />
          )}
          <PasswordInput
            label={t('signIn.password')}
            description={makes ? t('signIn.passwordRule') : undefined}
            value={password}
            onChange={(event) => setPassword(event.currentTarget.value)}
            autoComplete={makes ? 'new-password' : 'current-password'}
            required
            withAsterisk={false}
          />
          {enter.isError && (
            <Alert color="red" variant="outline" role="alert">
              {enter.error.message}
            </Alert>
          )}
          <Button type="submit" loading={enter.isPending} fullWidth mih={44}>
            {t(makes ? 'signIn.begin' : 'signIn.title')}
          </Button>
          {!empty && (
            <Anchor
              component="button"
              type="button"
              fz="sm"
              onClick={() => {
                setInvited(!invited)
                enter.reset()
              }}
            >
              {t(invited ? 'signIn.back' : 'signIn.invited')}
            </Anchor>
          )}
        </Stack>
      </form>
    </main>
  )
}
