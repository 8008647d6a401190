import { Anchor } from '@mantine/core'
import { notifications } from '@mantine/notifications'
import i18next from 'i18next'
import type { ReactNode } from 'react'

function show(message: ReactNode, forMs: number) {
  return notifications.show({
    message,
    color: 'copper',
    autoClose: forMs,
    closeButtonProps: { 'aria-label': i18next.t('ui.close') },
  })
}

/** Says in passing that something was done. */
export const notify = (message: string) => show(message, 5_000)

/** Says what was done, and offers long enough to take it back. */
export function notifyAndOffer(message: string, offer: string, act: () => void) {
  const id = show(
    <>
      {message}{' '}
      <Anchor
        component="button"
        underline="always"
        onClick={() => {
          notifications.hide(id)
          act()
        }}
      >
        {offer}
      </Anchor>
    </>,
    12_000,
  )
}

/** Says what went wrong where there is no better place to say it. */
export const notifyFailure = (error: Error) => notify(error.message)
