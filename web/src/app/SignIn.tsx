import { Alert, Button, PasswordInput, Stack, Text, TextInput, Title } from '@mantine/core'
import { useMutation, useQueryClient } from '@tanstack/react-query'
import { useState, type FormEvent } from 'react'
import { useTranslation } from 'react-i18next'
import { body, client, speakFor } from '../api/client'
import { sessionQuery } from '../api/queries'
import classes from './SignIn.module.css'

/** Sign-in; in an empty school, the making of its first teacher. */
export function SignIn({ empty }: { empty: boolean }) {
  const { t } = useTranslation()
  const queries = useQueryClient()
  const [username, setUsername] = useState('')
  const [code, setCode] = useState('')
  const [displayName, setDisplayName] = useState('')
  const [password, setPassword] = useState('')
  const signIn = useMutation({
    mutationFn: () =>
      empty
        ? body(client.POST('/api/first-teacher', { body: { code, username, displayName, password } }))
        : body(client.POST('/api/session', { body: { username, password } })),
    onSuccess: (session) => {
      speakFor(session.username ?? null)
      queries.setQueryData(sessionQuery.queryKey, session)
    },
  })
  const submit = (event: FormEvent) => {
    event.preventDefault()
    signIn.mutate()
  }
  return (
    <main className={classes.page}>
      <form onSubmit={submit} className={classes.card} aria-label={t('signIn.title')}>
        <Stack gap="md">
          <Title order={1} fz={26}>
            Didaxis
          </Title>
          <Text c="dimmed">{t(empty ? 'signIn.first' : 'signIn.welcome')}</Text>
          {empty && (
            <TextInput
              label={t('signIn.code')}
              description={t('signIn.codeFrom')}
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
            value={username}
            onChange={(event) => setUsername(event.currentTarget.value)}
            autoComplete="username"
            autoCapitalize="none"
            autoFocus={!empty}
            required
            withAsterisk={false}
          />
          {empty && (
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
            value={password}
            onChange={(event) => setPassword(event.currentTarget.value)}
            autoComplete={empty ? 'new-password' : 'current-password'}
            required
            withAsterisk={false}
          />
          {signIn.isError && (
            <Alert color="red" variant="outline" role="alert">
              {signIn.error.message}
            </Alert>
          )}
          <Button type="submit" loading={signIn.isPending} fullWidth mih={44}>
            {t(empty ? 'signIn.begin' : 'signIn.title')}
          </Button>
        </Stack>
      </form>
    </main>
  )
}
