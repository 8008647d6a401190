import { Menu, useMantineColorScheme } from '@mantine/core'
import { useMounted } from '@mantine/hooks'
import { useMutation, useQueryClient } from '@tanstack/react-query'
import { lazy, Suspense, useState, type ReactNode } from 'react'
import { useTranslation } from 'react-i18next'
import { client, speakFor } from '../api/client'
import { sessionQuery } from '../api/queries'
import { keepEverything } from '../keeping/keeper'
import { fetched } from '../ui/fetched'
import { notifyFailure } from '../ui/notify'

const PasswordDialog = lazy(() => fetched(() => import('./PasswordDialog')))
const InviteDialog = lazy(() => fetched(() => import('./InviteDialog')))

interface PersonMenuProps {
  role: 'teacher' | 'learner'
  displayName: string
  /** What opens it. */
  face: ReactNode
}

/** Who is signed in, light or dark, and the way out; it opens as it comes, since it is fetched when it is asked for. */
export default function PersonMenu({ role, displayName, face }: PersonMenuProps) {
  const { t } = useTranslation()
  const queries = useQueryClient()
  const { setColorScheme, colorScheme } = useMantineColorScheme()
  const mounted = useMounted()
  // It opens once the face stands and has the focus, which returns to it.
  const [opened, setOpened] = useState<boolean>()
  const signOut = useMutation({
    mutationFn: async () => {
      // What is on its way is kept first; what cannot be kept stays on the device for this person.
      await keepEverything()
      await client.DELETE('/api/session')
    },
    onSuccess: async () => {
      speakFor(null)
      await queries.refetchQueries({ queryKey: sessionQuery.queryKey })
      // The screens are gone by now; what they had been told goes after them.
      queries.removeQueries({ predicate: ({ queryKey }) => queryKey[0] !== sessionQuery.queryKey[0] })
    },
    onError: notifyFailure,
  })
  const [dialog, setDialog] = useState<'password' | 'invite'>()
  const close = () => setDialog(undefined)
  return (
    <>
      <Menu
        position="bottom-end"
        transitionProps={{ duration: 100 }}
        opened={opened ?? mounted}
        onChange={setOpened}
      >
        <Menu.Target>{face}</Menu.Target>
        <Menu.Dropdown>
          <Menu.Label>{displayName}</Menu.Label>
          {(['auto', 'light', 'dark'] as const).map((scheme) => (
            <Menu.Item
              key={scheme}
              onClick={() => setColorScheme(scheme)}
              aria-current={colorScheme === scheme}
              rightSection={colorScheme === scheme ? '✓' : ''}
            >
              {t(`shell.scheme.${scheme}`)}
            </Menu.Item>
          ))}
          <Menu.Divider />
          <Menu.Item onClick={() => setDialog('password')}>{t('shell.changePassword')}</Menu.Item>
          {role === 'teacher' && (
            <Menu.Item onClick={() => setDialog('invite')}>{t('shell.invite')}</Menu.Item>
          )}
          <Menu.Divider />
          <Menu.Item onClick={() => signOut.mutate()}>{t('shell.signOut')}</Menu.Item>
        </Menu.Dropdown>
      </Menu>
      <Suspense>
        {dialog === 'password' && <PasswordDialog onClose={close} />}
        {dialog === 'invite' && <InviteDialog onClose={close} />}
      </Suspense>
    </>
  )
}
