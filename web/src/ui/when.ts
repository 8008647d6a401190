const form = { weekday: 'short', day: 'numeric', month: 'short', hour: '2-digit', minute: '2-digit' } as const
const thisYear = new Intl.DateTimeFormat(undefined, form)
const anyYear = new Intl.DateTimeFormat(undefined, { ...form, year: 'numeric' })
const clock = new Intl.DateTimeFormat(undefined, { hour: '2-digit', minute: '2-digit' })

/** "Fri 27 Nov, 08:00", in the reader's zone; with its year where that is not the one it is now. */
export function atMoment(iso: string, now = new Date()): string {
  const date = new Date(iso)
  return (date.getFullYear() === now.getFullYear() ? thisYear : anyYear).format(date)
}

/** "10:42", in the reader's zone. */
export const atClock = (iso: string) => clock.format(new Date(iso))

/** A moment as a datetime-local field holds it. */
export function forField(date: Date): string {
  const local = new Date(date.getTime() - date.getTimezoneOffset() * 60_000)
  return local.toISOString().slice(0, 16)
}
