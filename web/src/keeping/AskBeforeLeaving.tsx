import { lazy, Suspense, useEffect } from 'react'
import { useBlocker } from 'react-router'
import type { KeepingState } from './kept'

const LeaveDialog = lazy(() => import('./LeaveDialog'))

/** Asks before a screen is left while something on it cannot be kept; what is merely on its way is kept in leaving. */
export function AskBeforeLeaving({ state }: { state: KeepingState }) {
  const stuck = state.is === 'waiting' || state.is === 'conflict' || state.is === 'refused'
  const blocker = useBlocker(
    ({ currentLocation, nextLocation }) => stuck && currentLocation.pathname !== nextLocation.pathname,
  )
  // Where the server cannot be reached the dialog could not be fetched any more.
  useEffect(() => void import('./LeaveDialog'), [])
  useEffect(() => {
    if (!stuck) return
    const ask = (event: BeforeUnloadEvent) => event.preventDefault()
    window.addEventListener('beforeunload', ask)
    return () => window.removeEventListener('beforeunload', ask)
  }, [stuck])
  return blocker.state === 'blocked' ? (
    <Suspense>
      <LeaveDialog onStay={() => blocker.reset?.()} onLeave={() => blocker.proceed?.()} />
    </Suspense>
  ) : null
}
