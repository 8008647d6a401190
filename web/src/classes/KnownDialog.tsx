import { Button, Group, Modal, Stack, Text } from '@mantine/core'
import { useMutation, useQuery } from '@tanstack/react-query'
import { useTranslation } from 'react-i18next'
import { client } from '../api/client'
import { knownLearnersQuery } from '../api/queries'
import list from '../desk/Desk.module.css'
import { announce } from '../ui/announce'
import { Empty } from '../ui/Empty'
import { Failed } from '../ui/Failed'
import { Loading } from '../ui/Loading'
import { notifyFailure } from '../ui/notify'
import { useFind } from '../ui/useFind'
import { useClassChanged } from './useClassChanged'

/** Learners of the teacher's other classes come into this one too; they stay where they are. */
export function KnownDialog({ classId, onClose }: { classId: number; onClose: () => void }) {
  const { t } = useTranslation()
  const refresh = useClassChanged()
  const known = useQuery(knownLearnersQuery(classId))
  const add = useMutation({
    mutationFn: ({ id }: { id: number; name: string }) =>
      client.PUT('/api/classes/{id}/learners/{learnerId}', {
        params: { path: { id: classId, learnerId: id } },
      }),
    onSuccess: (_, { name }) => {
      announce(t('classes.added', { name }))
      void refresh()
    },
    onError: notifyFailure,
  })
  const { found, field } = useFind({
    things: known.data,
    textsOf: ({ learner, classes }) => [learner.displayName, learner.username, ...classes],
    noneFound: (find) => t('classes.noneFound', { find }),
  })
  return (
    <Modal
      opened
      onClose={onClose}
      title={t('classes.fromClass')}
      closeButtonProps={{ 'aria-label': t('ui.close') }}
    >
      <Stack>
        {known.isLoadingError && <Failed error={known.error} onRetry={() => void known.refetch()} />}
        {known.isPending && <Loading />}
        {known.data?.length === 0 && <Empty text={t('classes.noneKnown')} />}
        {field}
        <ul className={list.list}>
          {found.map(({ learner, classes }) => (
            <li key={learner.id}>
              <Group justify="space-between" wrap="nowrap" py={6}>
                <Text>
                  {learner.displayName}{' '}
                  <Text span c="dimmed" fz="xs">
                    {classes.join(', ')}
                  </Text>
                </Text>
                <Button
                  size="compact-sm"
                  variant="default"
                  aria-label={`${t('classes.add')}: ${learner.displayName}`}
                  onClick={() => add.mutate({ id: learner.id, name: learner.displayName })}
                >
                  {t('classes.add')}
                </Button>
              </Group>
            </li>
          ))}
        </ul>
      </Stack>
    </Modal>
  )
}
