import { useQuery } from '@tanstack/react-query'
import { lazy, Suspense } from 'react'
import { Navigate, Outlet, useLocation } from 'react-router'
import { sessionQuery } from '../api/queries'
import { Failed } from '../ui/Failed'
import { Loading } from '../ui/Loading'
import { useFocusKept } from '../ui/useFocusKept'
import { Shell } from './Shell'
import { SignInAgain } from './SignInAgain'

const SignIn = lazy(async () => ({ default: (await import('./SignIn')).SignIn }))

const screen = () => document.querySelector('main')

const LEARNERS_OWN = /^\/work(\/|$)/

/** Lets a signed-in person through to their own screens, and asks everybody else to sign in. */
export function Gate() {
  const session = useQuery(sessionQuery)
  const { pathname } = useLocation()
  useFocusKept(screen)
  if (session.isPending) return <Loading />
  if (session.isLoadingError) return <Failed error={session.error} onRetry={() => void session.refetch()} />
  const { role, username, displayName, empty } = session.data
  if (!role)
    return (
      <Suspense fallback={<Loading />}>
        <SignIn empty={empty} />
      </Suspense>
    )
  const home = role === 'teacher' ? '/desk' : '/work'
  const elsewhere = pathname === '/' || LEARNERS_OWN.test(pathname) !== (role === 'learner')
  if (elsewhere) return <Navigate to={home} replace />
  return (
    <Shell role={role} displayName={displayName ?? ''}>
      <Outlet />
      <SignInAgain username={username ?? ''} displayName={displayName ?? ''} />
    </Shell>
  )
}
