import { Button, Group, Text, TextInput } from '@mantine/core'
import { useMutation } from '@tanstack/react-query'
import { useState, type FormEvent } from 'react'
import { useTranslation } from 'react-i18next'
import { body, client, type Schemas } from '../api/client'
import { KnownDialog } from './KnownDialog'
import { ListDialog } from './ListDialog'
import { useClassChanged } from './useClassChanged'

interface AddLearnersProps {
  classId: number
  /** Tells who came in, with passwords that are told this once. */
  onAdded: (made: Schemas['LearnerWithPassword'][]) => void
}

/** How learners come into a class: one by one, from a pasted list, or from another class. */
export function AddLearners({ classId, onAdded }: AddLearnersProps) {
  const { t } = useTranslation()
  const refresh = useClassChanged()
  const [displayName, setDisplayName] = useState('')
  const [username, setUsername] = useState('')
  const [dialog, setDialog] = useState<'list' | 'known'>()
  const add = useMutation({
    mutationFn: () =>
      body(
        client.POST('/api/classes/{id}/learners', {
          params: { path: { id: classId } },
          body: { displayName, username },
        }),
      ),
    onSuccess: (made) => {
      setDisplayName('')
      setUsername('')
      void refresh()
      onAdded([made])
    },
  })
  const submit = (event: FormEvent) => {
    event.preventDefault()
    add.mutate()
  }
  return (
    <>
      <form onSubmit={submit} aria-label={t('classes.addLearner')}>
        <Group align="flex-start" gap="sm">
          <TextInput
            label={t('signIn.displayName')}
            value={displayName}
            onChange={(event) => setDisplayName(event.currentTarget.value)}
            flex={1}
          />
          <TextInput
            label={t('signIn.username')}
            description={t('signIn.usernameRule')}
            inputWrapperOrder={['label', 'input', 'description', 'error']}
            value={username}
            onChange={(event) => setUsername(event.currentTarget.value)}
            flex={1}
          />
          <Button type="submit" variant="default" loading={add.isPending} mt={26} mih={44}>
            {t('classes.add')}
          </Button>
        </Group>
        {add.isError && (
          <Text c="var(--mantine-color-error)" fz="xs" mt={4} role="alert">
            {add.error.message}
          </Text>
        )}
      </form>
      <Group gap="sm">
        <Button variant="default" onClick={() => setDialog('list')}>
          {t('classes.pasteList')}
        </Button>
        <Button variant="subtle" onClick={() => setDialog('known')}>
          {t('classes.fromClass')}
        </Button>
      </Group>
      {dialog === 'list' && (
        <ListDialog classId={classId} onAdded={onAdded} onClose={() => setDialog(undefined)} />
      )}
      {dialog === 'known' && <KnownDialog classId={classId} onClose={() => setDialog(undefined)} />}
    </>
  )
}
