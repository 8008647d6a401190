import { Anchor } from '@mantine/core'
import i18next from 'i18next'
import type { ReactNode } from 'react'
import { needNotices } from './Notices'

async function show(message: (hide: () => void) => ReactNode, forMs: number) {
  const notifications = await needNotices()
  const id = notifications.show({
    message: message(() => notifications.hide(id)),
    color: 'copper',
    autoClose: forMs,
    closeButtonProps: { 'aria-label': i18next.t('ui.close') },
  })
}

/** Says in passing that something was done. */
export function notify(message: string) {
  void show(() => message, 5_000)
}

/** Says what was done, and offers long enough to take it back. */
export function notifyAndOffer(message: string, offer: string, act: () => void) {
  const offered = (hide: () => void) => (
    <>
      {message}{' '}
      <Anchor
        component="button"
        underline="always"
        onClick={() => {
          hide()
          act()
        }}
      >
        {offer}
      </Anchor>
    </>
  )
  void show(offered, 12_000)
}

/** Says what went wrong where there is no better place to say it. */
export const notifyFailure = (error: Error) => notify(error.message)
