import { ActionIcon, Avatar, Group } from '@mantine/core'
import { lazy, Suspense, useEffect, useRef, useState, type ReactNode } from 'react'
import { useTranslation } from 'react-i18next'
import { NavLink, useLocation } from 'react-router'
import { fetched } from '../ui/fetched'
import classes from './Shell.module.css'

const PersonMenu = lazy(() => fetched(() => import('./PersonMenu')))

const PLACES = { teacher: ['desk', 'workbench', 'papers', 'classes', 'results'], learner: ['work'] } as const

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
  const main = useRef<HTMLElement>(null)
  const { pathname } = useLocation()
  const last = useRef('')
  // Whoever goes to another screen, or has just signed in, is at its beginning, by keyboard and by ear too.
  useEffect(() => {
    const beginning = main.current?.querySelector<HTMLElement>('h1') ?? main.current
    if (last.current !== pathname) beginning?.focus({ preventScroll: true })
    last.current = pathname
  }, [pathname])
  return (
    <div className={classes.shell}>
      <a
        href="#screen"
        className={classes.skip}
        onClick={(event) => {
          event.preventDefault()
          main.current?.focus()
        }}
      >
        {t('shell.skip')}
      </a>
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
        <Person role={role} displayName={displayName} />
      </header>
      <main className={classes.screen} id="screen" ref={main} tabIndex={-1}>
        {children}
      </main>
    </div>
  )
}

/** A person's initials; their menu is fetched when they are first pressed. */
function Person({ role, displayName }: { role: 'teacher' | 'learner'; displayName: string }) {
  const { t } = useTranslation()
  const [asked, ask] = useState(false)
  const initials = displayName
    .split(/\s+/)
    .map((word) => word[0])
    .join('')
    .slice(0, 2)
  const face = (
    <ActionIcon
      variant="transparent"
      size={44}
      ml="auto"
      aria-label={t('shell.person', { name: displayName, initials })}
      aria-haspopup="menu"
      autoFocus={asked}
      onClick={() => ask(true)}
    >
      <Avatar size={30} radius="xl" className={classes.avatar} aria-hidden>
        {initials}
      </Avatar>
    </ActionIcon>
  )
  return asked ? (
    <Suspense fallback={face}>
      <PersonMenu role={role} displayName={displayName} face={face} />
    </Suspense>
  ) : (
    face
  )
}
