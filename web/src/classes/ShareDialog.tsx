import { Button, Group, Modal, NativeSelect, Stack, Text } from '@mantine/core'
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { useTranslation } from 'react-i18next'
import { useNavigate } from 'react-router'
import { client, type Schemas } from '../api/client'
import { teachersQuery } from '../api/queries'
import { announce } from '../ui/announce'
import { Confirm } from '../ui/Confirm'
import { Failed } from '../ui/Failed'
import { Loading } from '../ui/Loading'
import { notify, notifyFailure } from '../ui/notify'

type Colleague = { id: number; displayName: string }

interface ShareDialogProps {
  classroom: Schemas['ClassroomView']
  onClose: () => void
}

/** Who teaches a class: shared with a colleague, no longer shared, or handed over for good. */
export function ShareDialog({ classroom, onClose }: ShareDialogProps) {
  const { t } = useTranslation()
  const queries = useQueryClient()
  const navigate = useNavigate()
  const teachers = useQuery(teachersQuery)
  const [chosen, setChosen] = useState<number>()
  const [handing, setHanding] = useState(false)
  const { id, name } = classroom
  const refresh = () => queries.invalidateQueries({ queryKey: ['classes'] })
  const share = useMutation({
    mutationFn: (one: Colleague) =>
      client.PUT('/api/classes/{id}/teachers/{teacherId}', { params: { path: { id, teacherId: one.id } } }),
    onSuccess: async (_, one) => {
      announce(t('class.shared', { colleague: one.displayName }))
      await refresh()
    },
    onError: notifyFailure,
  })
  const unshare = useMutation({
    mutationFn: (one: Colleague) =>
      client.DELETE('/api/classes/{id}/teachers/{teacherId}', {
        params: { path: { id, teacherId: one.id } },
      }),
    onSuccess: async (_, one) => {
      announce(t('class.unshared', { colleague: one.displayName }))
      await refresh()
    },
    onError: notifyFailure,
  })
  if (teachers.isLoadingError)
    return <Failed error={teachers.error} onRetry={() => void teachers.refetch()} />
  if (teachers.isPending) return <Loading />
  const others = teachers.data
  const colleague = others.find((one) => one.id === (chosen ?? others[0]?.id))
  if (handing && colleague) {
    return (
      <Confirm
        title={t('class.handOver')}
        yes={t('class.handOverYes')}
        onClose={() => setHanding(false)}
        onYes={async () => {
          await client.PUT('/api/classes/{id}/owner', {
            params: { path: { id } },
            body: { teacherId: colleague.id },
          })
          void navigate('/classes')
          await refresh()
          void queries.invalidateQueries({ queryKey: ['assignments'] })
          notify(t('class.handedOver', { name, colleague: colleague.displayName }))
        }}
      >
        {t('class.handOverAsk', { name, colleague: colleague.displayName })}
      </Confirm>
    )
  }
  return (
    <Modal
      opened
      onClose={onClose}
      title={t('class.share')}
      closeButtonProps={{ 'aria-label': t('ui.close') }}
    >
      <Stack>
        <ul>
          {classroom.teachers.map((one) => (
            <li key={one.id}>
              <Group gap="sm">
                <Text>
                  {one.displayName}{' '}
                  {one.owner && (
                    <Text span c="dimmed">
                      {t('class.owner')}
                    </Text>
                  )}
                </Text>
                {!one.owner && classroom.own && (
                  <Button size="compact-sm" variant="subtle" onClick={() => unshare.mutate(one)}>
                    {t('class.unshare')}
                  </Button>
                )}
              </Group>
            </li>
          ))}
        </ul>
        {!classroom.own && <Text c="dimmed">{t('class.notOwn')}</Text>}
        {classroom.own && others.length === 0 && <Text c="dimmed">{t('class.noColleague')}</Text>}
        {classroom.own && colleague && (
          <>
            <NativeSelect
              label={t('class.colleague')}
              data-autofocus
              data={others.map((one) => ({ value: String(one.id), label: one.displayName }))}
              value={String(colleague.id)}
              onChange={(event) => setChosen(Number(event.currentTarget.value))}
            />
            <Group justify="flex-end">
              <Button variant="default" onClick={() => setHanding(true)}>
                {t('class.handOver')}…
              </Button>
              <Button loading={share.isPending} onClick={() => share.mutate(colleague)}>
                {t('class.shareYes')}
              </Button>
            </Group>
          </>
        )}
      </Stack>
    </Modal>
  )
}
