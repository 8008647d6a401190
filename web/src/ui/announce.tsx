import { VisuallyHidden } from '@mantine/core'
import { useSyncExternalStore } from 'react'

const APART_MS = 700

let said = ''
const waiting: string[] = []
let timer: ReturnType<typeof setTimeout> | undefined
const listeners = new Set<() => void>()

function say(text: string) {
  said = text
  listeners.forEach((listener) => listener())
}

function next() {
  const text = waiting.shift()
  if (text === undefined) {
    timer = undefined
    return
  }
  // The same once more would be no change, and so would not be heard.
  say('')
  setTimeout(() => say(text), 50)
  timer = setTimeout(next, APART_MS)
}

/** Says something to those who listen to the screen; one thing after the other, each once. */
export function announce(text: string) {
  if (waiting.at(-1) === text) return
  waiting.push(text)
  if (timer === undefined) next()
}

/** Where it is said; stands once, in the frame of all screens. */
export function Announcements() {
  const text = useSyncExternalStore(
    (listener) => {
      listeners.add(listener)
      return () => listeners.delete(listener)
    },
    () => said,
  )
  return (
    <VisuallyHidden component="div" role="status" aria-live="polite" data-announcements>
      {text}
    </VisuallyHidden>
  )
}
