import { notifications } from '@mantine/notifications'
import i18next from 'i18next'
import type { ReactNode } from 'react'

/** Says in passing that something was done; long enough to take it back where that is offered. */
export function notify(message: ReactNode, offersUndo = false) {
  notifications.show({
    message,
    color: 'copper',
    autoClose: offersUndo ? 12_000 : 5_000,
    closeButtonProps: { 'aria-label': i18next.t('ui.close') },
  })
}

/** Says what went wrong where there is no better place to say it. */
export const notifyFailure = (error: Error) => notify(error.message)
