import { useEffect, useState, type ComponentType } from 'react'
import { useTranslation } from 'react-i18next'
import { useBlocker } from 'react-router'
import { fetched } from '../ui/fetched'
import type { KeepingState } from './kept'
import type { LeaveDialogProps } from './LeaveDialog'

/** Asks before a screen is left while something on it cannot be kept; what is merely on its way is kept in leaving. */
export function AskBeforeLeaving({ state }: { state: KeepingState }) {
  const { t } = useTranslation()
  const stuck = state.is === 'waiting' || state.is === 'conflict' || state.is === 'refused'
  const blocker = useBlocker(
    ({ currentLocation, nextLocation }) => stuck && currentLocation.pathname !== nextLocation.pathname,
  )
  const [Dialog, setDialog] = useState<ComponentType<LeaveDialogProps>>()
  // Where the server cannot be reached the dialog could not be fetched any more.
  useEffect(() => {
    fetched(() => import('./LeaveDialog')).then(
      (there) => setDialog(() => there.default),
      () => undefined,
    )
  }, [])
  useEffect(() => {
    if (!stuck) return
    const ask = (event: BeforeUnloadEvent) => event.preventDefault()
    window.addEventListener('beforeunload', ask)
    return () => window.removeEventListener('beforeunload', ask)
  }, [stuck])
  useEffect(() => {
    // It has not come yet: the browser asks instead.
    if (blocker.state !== 'blocked' || Dialog) return
    if (window.confirm(`${t('keeping.leaveTitle')}\n\n${t('keeping.leave')}`)) blocker.proceed()
    else blocker.reset()
  }, [blocker, Dialog, t])
  return blocker.state === 'blocked' && Dialog ? (
    <Dialog onStay={() => blocker.reset?.()} onLeave={() => blocker.proceed?.()} />
  ) : null
}
