import { ActionIcon, Avatar, Group, Menu, useMantineColorScheme } from '@mantine/core'
import { useQueryClient } from '@tanstack/react-query'
import type { ReactNode } from 'react'
import { useTranslation } from 'react-i18next'
import { NavLink } from 'react-router'
import { client } from '../api/client'
import { sessionQuery } from '../api/queries'
import classes from './Shell.module.css'

const PLACES = { teacher: ['desk', 'workbench', 'classes', 'results'], learner: ['work'] } as const

/** The bar across the top, and the screen under it. */
export function Shell({
  role,
  displayName,
  children,
}: {
  role: 'teacher' | 'learner'
  displayName: string
  children: ReactNode
}) {
  const { t } = useTranslation()
  return (
    <div className={classes.shell}>
      <header className={classes.bar}>
        <span className={classes.name}>Didaxis</span>
        <nav aria-label={t('shell.places')}>
          <Group gap="lg" component="ul" className={classes.places}>
            {PLACES[role].map((place) => (
              <li key={place}>
                <NavLink to={`/${place}`} className={classes.place}>
                  {t(`shell.${place}`)}
                </NavLink>
              </li>
            ))}
          </Group>
        </nav>
        <PersonMenu displayName={displayName} />
      </header>
      <main className={classes.screen}>{children}</main>
    </div>
  )
}

function PersonMenu({ displayName }: { displayName: string }) {
  const { t } = useTranslation()
  const queries = useQueryClient()
  const { setColorScheme, colorScheme } = useMantineColorScheme()
  const signOut = async () => {
    await client.DELETE('/api/session')
    queries.clear()
    await queries.fetchQuery({ ...sessionQuery, staleTime: 0 })
  }
  const initials = displayName
    .split(/\s+/)
    .map((word) => word[0])
    .join('')
    .slice(0, 2)
  return (
    <Menu position="bottom-end" transitionProps={{ duration: 100 }}>
      <Menu.Target>
        <ActionIcon
          variant="transparent"
          size={44}
          ml="auto"
          aria-label={t('shell.person', { name: displayName })}
        >
          <Avatar size={30} radius="xl" className={classes.avatar} aria-hidden>
            {initials}
          </Avatar>
        </ActionIcon>
      </Menu.Target>
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
        <Menu.Item onClick={() => void signOut()}>{t('shell.signOut')}</Menu.Item>
      </Menu.Dropdown>
    </Menu>
  )
}
