import { ProblemError } from '../api/client'
import { deviceCopies, type DeviceCopy } from './deviceCopy'
import type { Keeping, KeptThing, Theirs } from './kept'

const TYPING_PAUSE_MS = 350
const AGAIN_MS = 4_000
const DEVICE_PAUSE_MS = 100
const PATIENCE_MS = 3_000
/** So long is what is remembered of what was sent: what is older has hardly arrived last, and a device is small. */
const MOST_SENT = 200_000

/** Those that stand on a screen now. */
const attached = new Set<Keeper<unknown, unknown>>()

/** What screens that were left are still keeping. */
const leaving = new Set<Promise<void>>()

/**
 * Done when what screens that were left had to keep was tried, or takes too long: what is asked for then has it. What did
 * not arrive stands on the device.
 */
export const keptOnLeaving = () =>
  Promise.race([Promise.all(leaving), new Promise((done) => setTimeout(done, PATIENCE_MS))])

/** Keeps what is still to be kept of everything on the screen; done when it was tried. */
export const keepEverything = () => Promise.all([...attached].map((one) => one.keepNow()))

/**
 * Keeps one thing on the server while it is changed: soon after each change, again when it failed, at once when the page
 * is left. Until the server has it, it stands on the device too. Nothing that was changed elsewhere is overwritten.
 */
export class Keeper<T, R> {
  private readonly listeners = new Set<() => void>()
  private revision: number
  private timer: ReturnType<typeof setTimeout> | undefined
  private writing: ReturnType<typeof setTimeout> | undefined
  /** What this page has on the device. */
  private written: DeviceCopy | undefined
  /** What was said to the server since it last kept something: any of it may have arrived, whatever came back. */
  private sent: string[]
  private underway: Promise<void> | undefined
  /** Whether its screen was left: the one that is opened next alone writes on the device. */
  private left = false
  private now: Keeping<T, R>

  constructor(private readonly kept: KeptThing<T, R>) {
    const unpack = kept.unpack ?? ((packed: unknown) => packed as T)
    const copy = deviceCopies.read(kept.person, kept.thing)
    this.written = copy
    this.revision = copy?.revision ?? kept.revision
    this.sent = copy?.sent ?? []
    this.now = {
      state: { is: copy ? 'keeping' : 'kept' },
      value: copy ? unpack(copy.value) : kept.value,
      keptAt: kept.keptAt,
      said: undefined,
      theirs: undefined,
      base: copy ? unpack(copy.base) : kept.value,
      joined: 0,
    }
  }

  readonly snapshot = () => this.now

  readonly subscribe = (listener: () => void) => {
    this.listeners.add(listener)
    return () => this.listeners.delete(listener)
  }

  /** Begins to listen to the page; the function that is given back lets go and keeps what is left to keep. */
  readonly attach = () => {
    const leave = () => {
      if (this.writing !== undefined) this.writeOnDevice()
      const tried = this.keepNow(true).finally(() => leaving.delete(tried))
      leaving.add(tried)
    }
    const hide = () => document.visibilityState === 'hidden' && leave()
    const again = () => this.now.state.is === 'waiting' && void this.keepNow()
    window.addEventListener('pagehide', leave)
    document.addEventListener('visibilitychange', hide)
    window.addEventListener('online', again)
    attached.add(this as Keeper<unknown, unknown>)
    this.left = false
    if (this.now.state.is === 'keeping') void this.keepNow()
    return () => {
      window.removeEventListener('pagehide', leave)
      document.removeEventListener('visibilitychange', hide)
      window.removeEventListener('online', again)
      attached.delete(this as Keeper<unknown, unknown>)
      leave()
      this.left = true
    }
  }

  /** Takes a change in. */
  readonly change = (value: T) => {
    const { is } = this.now.state
    if (is === 'closed') return
    const stays = is === 'conflict' || is === 'waiting'
    this.set({ value, ...(!stays && { state: { is: 'keeping' as const } }) })
    this.onDevice()
    if (!stays) this.soon(TYPING_PAUSE_MS)
  }

  /** Goes on with what was chosen where both had been changed. */
  readonly resolve = (value: T) => {
    const { theirs } = this.now
    if (!theirs) return
    this.goOnFrom(theirs, value)
    void this.keepNow()
  }

  /** Nothing more is to be kept: what stands at the server is final. */
  readonly close = (reason: string) => {
    clearTimeout(this.timer)
    this.set({ state: { is: 'closed', reason } })
  }

  /** Keeps it at once, unless there is nothing to keep or it cannot be kept. */
  readonly keepNow = async (leaving = false): Promise<void> => {
    clearTimeout(this.timer)
    if (this.underway) await this.underway
    const open = ['keeping', 'waiting', 'refused'].includes(this.now.state.is)
    if (!open) return
    this.underway = this.send(leaving).finally(() => (this.underway = undefined))
    await this.underway
  }

  private async send(leaving: boolean) {
    const value = this.now.value
    this.remember(this.kept.saying(value))
    // At once, since the screen that is opened next reads it.
    if (leaving) this.writeOnDevice()
    else this.onDevice()
    try {
      const kept = await this.kept.send(value, this.revision, leaving)
      this.revision = kept.revision
      this.sent = []
      const whole = this.now.value === value
      this.set({ base: value, keptAt: kept.keptAt, said: kept.said, ...(whole && { state: { is: 'kept' } }) })
      if (whole) this.offDevice()
      else {
        this.onDevice()
        this.soon(TYPING_PAUSE_MS)
      }
    } catch (error) {
      this.failed(error)
    }
  }

  private remember(said: string) {
    this.sent = [...this.sent.filter((one) => one !== said), said]
    let length = this.sent.reduce((sum, one) => sum + one.length, 0)
    while (length > MOST_SENT && this.sent.length > 1) length -= this.sent.shift()?.length ?? 0
  }

  private failed(error: unknown) {
    if (!(error instanceof ProblemError))
      return this.waits(error instanceof Error ? error.message : String(error))
    const theirs = this.kept.theirs(error)
    if (theirs) return this.meets(theirs)
    const reason = error.message
    if (this.kept.closes(error)) this.close(reason)
    else if (error.problem.status >= 500 || error.problem.status === 429) this.waits(reason)
    else this.set({ state: { is: 'refused', reason } })
  }

  private waits(reason: string) {
    this.set({ state: { is: 'waiting', reason } })
    if (attached.has(this as Keeper<unknown, unknown>)) this.soon(AGAIN_MS)
  }

  private meets(theirs: Theirs<T>) {
    // It may be one's own: that arrived while its answer was lost, or that the browser sent once more by itself.
    if (this.sent.includes(this.kept.saying(theirs.value))) {
      this.goOnFrom(theirs, this.now.value)
      this.soon(0)
      return
    }
    const both = this.kept.join(this.now.base, this.now.value, theirs.value)
    if (both === undefined) return this.set({ theirs, state: { is: 'conflict' } })
    this.goOnFrom(theirs, both)
    this.set({ joined: this.now.joined + 1 })
    this.soon(0)
  }

  private goOnFrom(theirs: Theirs<T>, value: T) {
    this.revision = theirs.revision
    this.set({
      value,
      base: theirs.value,
      keptAt: theirs.keptAt,
      theirs: undefined,
      state: { is: 'keeping' },
    })
    this.onDevice()
  }

  private soon(ms: number) {
    clearTimeout(this.timer)
    this.timer = setTimeout(() => void this.keepNow(), ms)
  }

  /** A moment later: what is typed fast is written together. */
  private onDevice() {
    this.writing ??= setTimeout(this.writeOnDevice, DEVICE_PAUSE_MS)
  }

  private readonly writeOnDevice = () => {
    clearTimeout(this.writing)
    this.writing = undefined
    if (this.left || this.now.state.is === 'kept') return
    const { value, base } = this.now
    this.written = {
      value: this.pack(value),
      base: this.pack(base),
      revision: this.revision,
      sent: this.sent,
    }
    deviceCopies.write(this.kept.person, this.kept.thing, this.written)
  }

  private pack(value: T): unknown {
    return this.kept.pack ? this.kept.pack(value) : value
  }

  /** Only what this page wrote itself goes: another tab may have written more meanwhile. */
  private offDevice() {
    clearTimeout(this.writing)
    this.writing = undefined
    const copy = deviceCopies.read(this.kept.person, this.kept.thing)
    if (copy && JSON.stringify(copy) === JSON.stringify(this.written))
      deviceCopies.remove(this.kept.person, this.kept.thing)
  }

  private set(changes: Partial<Keeping<T, R>>) {
    this.now = { ...this.now, ...changes }
    this.listeners.forEach((listener) => listener())
  }
}
