import { ActionIcon, Menu } from '@mantine/core'
import { IconDots } from '@tabler/icons-react'
import { useMutation, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { useTranslation } from 'react-i18next'
import { Link, useNavigate } from 'react-router'
import { body, client, type Schemas } from '../api/client'
import { notify, notifyFailure } from '../ui/notify'
import { RenameClassDialog } from './RenameClassDialog'
import { ShareDialog } from './ShareDialog'

/** What can be done with a class as a whole. */
export function ClassMenu({ classroom }: { classroom: Schemas['ClassroomView'] }) {
  const { t } = useTranslation()
  const queries = useQueryClient()
  const navigate = useNavigate()
  const [dialog, setDialog] = useState<'rename' | 'share'>()
  const at = { params: { path: { id: classroom.id } } }
  const refresh = () => queries.invalidateQueries({ queryKey: ['classes'] })
  const archive = useMutation({
    mutationFn: (archived: boolean) =>
      client.PUT('/api/classes/{id}/archived', { ...at, body: { archived } }),
    onSuccess: async (_, archived) => {
      await refresh()
      void queries.invalidateQueries({ queryKey: ['assignments'] })
      notify(t(archived ? 'class.archived' : 'class.takenOut', { name: classroom.name }))
    },
    onError: notifyFailure,
  })
  const copy = useMutation({
    mutationFn: () => body(client.POST('/api/classes/{id}/copy', at)),
    onSuccess: async (made) => {
      await refresh()
      void navigate(`/classes/${made.id}`)
      notify(t('class.copied', { name: made.name }))
    },
    onError: notifyFailure,
  })
  return (
    <>
      <Menu position="bottom-end" transitionProps={{ duration: 100 }}>
        <Menu.Target>
          <ActionIcon
            variant="subtle"
            color="gray"
            size={44}
            aria-label={t('class.menu', { name: classroom.name })}
          >
            <IconDots size={18} stroke={1.5} aria-hidden />
          </ActionIcon>
        </Menu.Target>
        <Menu.Dropdown>
          <Menu.Item onClick={() => setDialog('rename')}>{t('class.rename')}…</Menu.Item>
          <Menu.Item component={Link} to={`/classes/${classroom.id}/style`}>
            {t('classStyle.title')}…
          </Menu.Item>
          <Menu.Item onClick={() => copy.mutate()}>{t('class.copy')}</Menu.Item>
          <Menu.Item onClick={() => setDialog('share')}>{t('class.share')}…</Menu.Item>
          <Menu.Item onClick={() => archive.mutate(!classroom.archived)}>
            {t(classroom.archived ? 'class.takeOut' : 'class.archive')}
          </Menu.Item>
        </Menu.Dropdown>
      </Menu>
      {dialog === 'rename' && (
        <RenameClassDialog classroom={classroom} onClose={() => setDialog(undefined)} />
      )}
      {dialog === 'share' && <ShareDialog classroom={classroom} onClose={() => setDialog(undefined)} />}
    </>
  )
}
