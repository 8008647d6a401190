import { lazy, Suspense, useSyncExternalStore } from 'react'
import { fetched } from './fetched'

const load = () => fetched(() => import('@mantine/notifications'))

const Notifications = lazy(async () => ({ default: (await load()).Notifications }))

let needed = false
const waiting = new Set<() => void>()

/** Brings the place where notices stand, with the first of them. */
export async function needNotices() {
  const { notifications } = await load()
  needed = true
  waiting.forEach((tell) => tell())
  return notifications
}

function subscribe(tell: () => void) {
  waiting.add(tell)
  return () => waiting.delete(tell)
}

/** Where notices stand; nothing of it is loaded before there is one. */
export function Notices() {
  const there = useSyncExternalStore(subscribe, () => needed)
  return (
    there && (
      <Suspense>
        <Notifications position="bottom-left" />
      </Suspense>
    )
  )
}
