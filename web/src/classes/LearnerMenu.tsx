import { ActionIcon, Menu } from '@mantine/core'
import { IconDots } from '@tabler/icons-react'
import { useMutation } from '@tanstack/react-query'
import { useState } from 'react'
import { useTranslation } from 'react-i18next'
import { body, client, type Schemas } from '../api/client'
import { announce } from '../ui/announce'
import { Confirm } from '../ui/Confirm'
import { notifyFailure } from '../ui/notify'
import { saveFile } from '../ui/saveFile'
import { useClassChanged } from './useClassChanged'

type Learner = Schemas['Learner']
type Asking = 'password' | 'remove' | 'erase'

interface LearnerMenuProps {
  classId: number
  learner: Learner
  /** Tells a new password, this once. */
  onPassword: (made: Schemas['LearnerWithPassword']) => void
}

/** What can be done with a learner; whatever cannot be undone in passing asks first. */
export function LearnerMenu({ classId, learner, onPassword }: LearnerMenuProps) {
  const { t } = useTranslation()
  const refresh = useClassChanged()
  const [asking, ask] = useState<Asking>()
  const at = { params: { path: { id: classId, learnerId: learner.id } } }
  const name = learner.displayName
  const acts: Record<Asking, () => Promise<unknown>> = {
    password: async () =>
      onPassword(await body(client.POST('/api/classes/{id}/learners/{learnerId}/password', at))),
    remove: async () => {
      await client.DELETE('/api/classes/{id}/learners/{learnerId}', at)
      announce(t('learner.removed', { name }))
      await refresh()
    },
    erase: async () => {
      await client.DELETE('/api/classes/{id}/learners/{learnerId}/everything', at)
      announce(t('learner.erased', { name }))
      await refresh()
    },
  }
  const save = useMutation({
    mutationFn: () => body(client.GET('/api/classes/{id}/learners/{learnerId}/export', at)),
    onSuccess: (all) =>
      saveFile(`${learner.username}.json`, 'application/json', JSON.stringify(all, null, 2)),
    onError: notifyFailure,
  })
  return (
    <>
      <Menu position="bottom-end" transitionProps={{ duration: 100 }}>
        <Menu.Target>
          <ActionIcon variant="subtle" color="gray" size={44} aria-label={t('learner.menu', { name })}>
            <IconDots size={18} stroke={1.5} aria-hidden />
          </ActionIcon>
        </Menu.Target>
        <Menu.Dropdown>
          <Menu.Item onClick={() => ask('password')}>{t('learner.password')}…</Menu.Item>
          <Menu.Item onClick={() => ask('remove')}>{t('learner.remove')}…</Menu.Item>
          <Menu.Divider />
          <Menu.Item onClick={() => save.mutate()}>{t('learner.export')}</Menu.Item>
          <Menu.Item onClick={() => ask('erase')}>{t('learner.erase')}…</Menu.Item>
        </Menu.Dropdown>
      </Menu>
      {asking && (
        <Confirm
          title={t(`learner.${asking}Of`, { name })}
          yes={t(`learner.${asking}Yes`)}
          onYes={acts[asking]}
          onClose={() => ask(undefined)}
        >
          {t(`learner.${asking}Ask`, { name })}
        </Confirm>
      )}
    </>
  )
}
