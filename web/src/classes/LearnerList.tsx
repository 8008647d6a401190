import { ActionIcon, Alert, Button, Code, Group, Modal, Stack, Text, TextInput } from '@mantine/core'
import { IconKey, IconX } from '@tabler/icons-react'
import { useMutation, useQueryClient } from '@tanstack/react-query'
import { useState, type FormEvent } from 'react'
import { useTranslation } from 'react-i18next'
import { body, client, type Schemas } from '../api/client'
import list from '../desk/Desk.module.css'
import { Empty } from '../ui/Empty'
import { notifyFailure } from '../ui/notify'

type Learner = Schemas['Learner']

/** The learners of a class: added, given a new password, taken out. */
export function LearnerList({ classId, learners }: { classId: number; learners: Learner[] }) {
  const { t } = useTranslation()
  const queries = useQueryClient()
  const [displayName, setDisplayName] = useState('')
  const [username, setUsername] = useState('')
  const [leaving, setLeaving] = useState<Learner>()
  const refresh = () => void queries.invalidateQueries({ queryKey: ['classes'] })
  const add = useMutation({
    mutationFn: () =>
      body(
        client.POST('/api/classes/{id}/learners', {
          params: { path: { id: classId } },
          body: { displayName, username },
        }),
      ),
    onSuccess: () => {
      setDisplayName('')
      setUsername('')
      renew.reset()
      refresh()
    },
  })
  const renew = useMutation({
    mutationFn: (learnerId: number) =>
      body(
        client.POST('/api/classes/{id}/learners/{learnerId}/password', {
          params: { path: { id: classId, learnerId } },
        }),
      ),
    onSuccess: () => add.reset(),
    onError: notifyFailure,
  })
  const remove = useMutation({
    mutationFn: (learnerId: number) =>
      client.DELETE('/api/classes/{id}/learners/{learnerId}', {
        params: { path: { id: classId, learnerId } },
      }),
    onSuccess: () => {
      setLeaving(undefined)
      refresh()
    },
    onError: notifyFailure,
  })
  const told = add.data ?? renew.data
  const submit = (event: FormEvent) => {
    event.preventDefault()
    add.mutate()
  }
  return (
    <Stack>
      {learners.length === 0 && <Empty text={t('classes.noLearners')} />}
      <ul className={list.list}>
        {learners.map((one) => (
          <li key={one.id} className={list.row}>
            <Text flex={1} pl={8} py={10}>
              {one.displayName}{' '}
              <Text span c="dimmed" fz="xs">
                {one.username}
              </Text>
            </Text>
            <ActionIcon
              variant="subtle"
              color="gray"
              size={44}
              aria-label={t('classes.renew', { name: one.displayName })}
              onClick={() => renew.mutate(one.id)}
            >
              <IconKey size={18} stroke={1.5} />
            </ActionIcon>
            <ActionIcon
              variant="subtle"
              color="gray"
              size={44}
              aria-label={t('classes.remove', { name: one.displayName })}
              onClick={() => setLeaving(one)}
            >
              <IconX size={18} stroke={1.5} />
            </ActionIcon>
          </li>
        ))}
      </ul>
      {told && (
        <Alert color="copper" variant="outline">
          {t('classes.password', { name: told.learner.displayName, username: told.learner.username })}{' '}
          <Code fz="md">{told.password}</Code>
        </Alert>
      )}
      <form onSubmit={submit} aria-label={t('classes.addLearner')}>
        <Group align="flex-start">
          <TextInput
            label={t('classes.learnerName')}
            value={displayName}
            onChange={(event) => setDisplayName(event.currentTarget.value)}
            flex={1}
          />
          <TextInput
            label={t('classes.username')}
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
      <Modal
        opened={leaving !== undefined}
        onClose={() => setLeaving(undefined)}
        title={t('classes.remove', { name: leaving?.displayName })}
        closeButtonProps={{ 'aria-label': t('ui.close') }}
      >
        <Stack>
          <Text>{t('classes.removeAsk', { name: leaving?.displayName })}</Text>
          <Group justify="flex-end">
            <Button variant="default" onClick={() => setLeaving(undefined)}>
              {t('ui.cancel')}
            </Button>
            <Button loading={remove.isPending} onClick={() => leaving && remove.mutate(leaving.id)}>
              {t('classes.removeYes')}
            </Button>
          </Group>
        </Stack>
      </Modal>
    </Stack>
  )
}
