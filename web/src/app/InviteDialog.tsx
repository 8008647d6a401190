import { Button, Code, Group, Modal, Stack, Text } from '@mantine/core'
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { useTranslation } from 'react-i18next'
import { body, client } from '../api/client'
import { invitationsQuery } from '../api/queries'
import { announce } from '../ui/announce'
import { notifyFailure } from '../ui/notify'
import { atMoment } from '../ui/when'

/** Codes by which colleagues come in: made, and taken back as long as they are unused. */
export default function InviteDialog({ onClose }: { onClose: () => void }) {
  const { t } = useTranslation()
  const queries = useQueryClient()
  const open = useQuery(invitationsQuery)
  const refresh = () => queries.invalidateQueries({ queryKey: invitationsQuery.queryKey })
  const make = useMutation({
    mutationFn: () => body(client.POST('/api/invitations')),
    onSuccess: async (made) => {
      announce(`${t('invite.code')} ${made.code}`)
      await refresh()
    },
    onError: notifyFailure,
  })
  const revoke = useMutation({
    mutationFn: (id: number) => client.DELETE('/api/invitations/{id}', { params: { path: { id } } }),
    onSuccess: async () => {
      announce(t('invite.revoked'))
      await refresh()
    },
    onError: notifyFailure,
  })
  return (
    <Modal
      opened
      onClose={onClose}
      title={t('invite.title')}
      closeButtonProps={{ 'aria-label': t('ui.close') }}
    >
      <Stack>
        <Text>{t('invite.what')}</Text>
        {make.data && (
          <Group gap="sm">
            <Text>{t('invite.code')}</Text>
            <Code fz="lg">{make.data.code}</Code>
          </Group>
        )}
        <ul>
          {open.data?.map((one) => (
            <li key={one.id}>
              <Group gap="sm">
                <Text>{t('invite.until', { time: atMoment(one.endsAt) })}</Text>
                <Button
                  size="compact-sm"
                  variant="subtle"
                  aria-label={`${t('invite.revoke')}: ${t('invite.until', { time: atMoment(one.endsAt) })}`}
                  onClick={() => revoke.mutate(one.id)}
                >
                  {t('invite.revoke')}
                </Button>
              </Group>
            </li>
          ))}
        </ul>
        <Group justify="flex-end">
          <Button loading={make.isPending} onClick={() => make.mutate()} data-autofocus>
            {t('invite.make')}
          </Button>
        </Group>
      </Stack>
    </Modal>
  )
}
