const moment = new Intl.DateTimeFormat(undefined, {
  weekday: 'short',
  day: 'numeric',
  month: 'short',
  hour: '2-digit',
  minute: '2-digit',
})
const clock = new Intl.DateTimeFormat(undefined, { hour: '2-digit', minute: '2-digit' })

/** "Fri 27 Nov, 08:00", in the reader's zone. */
export const atMoment = (iso: string) => moment.format(new Date(iso))

/** "10:42", in the reader's zone. */
export const atClock = (iso: string) => clock.format(new Date(iso))

/** A moment as a datetime-local field holds it. */
export function forField(date: Date): string {
  const local = new Date(date.getTime() - date.getTimezoneOffset() * 60_000)
  return local.toISOString().slice(0, 16)
}
