import { Button, Group, Modal, Stack, Text } from '@mantine/core'
import { useEffect } from 'react'
import { useTranslation } from 'react-i18next'
import { useBlocker } from 'react-router'
import type { KeepingState } from './keeper'

/** Asks before a screen is left while something on it cannot be kept; what is merely on its way is kept in leaving. */
export function AskBeforeLeaving({ state }: { state: KeepingState }) {
  const { t } = useTranslation()
  const stuck = state.is === 'waiting' || state.is === 'conflict' || state.is === 'refused'
  const blocker = useBlocker(
    ({ currentLocation, nextLocation }) => stuck && currentLocation.pathname !== nextLocation.pathname,
  )
  useEffect(() => {
    if (!stuck) return
    const ask = (event: BeforeUnloadEvent) => event.preventDefault()
    window.addEventListener('beforeunload', ask)
    return () => window.removeEventListener('beforeunload', ask)
  }, [stuck])
  const stay = () => blocker.reset?.()
  return (
    <Modal
      opened={blocker.state === 'blocked'}
      onClose={stay}
      title={t('keeping.leaveTitle')}
      closeButtonProps={{ 'aria-label': t('ui.close') }}
    >
      <Stack>
        <Text>{t('keeping.leave')}</Text>
        <Group justify="flex-end">
          <Button variant="default" onClick={() => blocker.proceed?.()}>
            {t('keeping.leaveYes')}
          </Button>
          <Button onClick={stay} data-autofocus>
            {t('keeping.stay')}
          </Button>
        </Group>
      </Stack>
    </Modal>
  )
}
