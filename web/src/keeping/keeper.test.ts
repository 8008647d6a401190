import { afterEach, beforeEach, expect, test, vi } from 'vitest'
import { ProblemError } from '../api/client'
import { chance } from '../test/chance'
import { deviceCopies } from './deviceCopy'
import { keepEverything, Keeper, keptOnLeaving } from './keeper'
import type { KeptThing } from './kept'
import { saying } from './saying'

type Texts = Record<string, string>

/**
 * A request is kept and its answer lost, or what stands before the server gives it up, or the browser sends it once more by
 * itself: that is answered by a refusal.
 */
const FAULTS = ['none', 'unreachable', 'lost', 'busy', 'given up', 'twice'] as const
type Fault = (typeof FAULTS)[number]

/** A server with one sheet, whose line fails as it is told. */
class Server {
  value: Texts = { a: '', b: '' }
  revision = 0
  /** How long a request is on its way, and how long its answer. */
  ms = 0
  back = 0
  /** What becomes of the next requests; all is well behind the last. */
  faults: Fault[] = []

  keep(value: Texts, revision: number) {
    const fault = this.faults.shift() ?? 'none'
    if (fault === 'unreachable') throw new TypeError('no line')
    if (fault === 'busy') throw new ProblemError({ status: 503, detail: 'Not now.' })
    if (revision !== this.revision)
      throw new ProblemError({ status: 409, detail: 'Changed.', reason: 'changed-elsewhere' })
    this.value = value
    this.revision += 1
    if (fault === 'lost') throw new TypeError('no answer')
    if (fault === 'given up') throw new ProblemError({ status: 504, detail: 'Timed out.' })
    if (fault === 'twice')
      throw new ProblemError({ status: 409, detail: 'Changed.', reason: 'changed-elsewhere' })
    return { revision: this.revision, keptAt: '2026-01-01T08:00:00Z', said: undefined }
  }
}

function keeperOf(server: Server, closes = false) {
  const thing: KeptThing<Texts, undefined> = {
    person: 'wren',
    thing: 'sheet 1',
    value: server.value,
    revision: server.revision,
    keptAt: null,
    send: async (value, revision) => {
      if (server.ms > 0) await new Promise((arrived) => setTimeout(arrived, server.ms))
      try {
        return server.keep(value, revision)
      } finally {
        if (server.back > 0) await new Promise((arrived) => setTimeout(arrived, server.back))
      }
    },
    theirs: (error) =>
      error.problem.reason === 'changed-elsewhere'
        ? { value: server.value, revision: server.revision, keptAt: '2026-01-01T08:00:00Z' }
        : undefined,
    join: (base, mine, other) => {
      const both: Texts = {}
      for (const key of Object.keys(mine)) {
        if (mine[key] !== base[key] && other[key] !== base[key] && mine[key] !== other[key]) return undefined
        both[key] = (mine[key] === base[key] ? other[key] : mine[key]) ?? ''
      }
      return both
    },
    saying,
    closes: () => closes,
  }
  return new Keeper(thing)
}

let detach: () => void = () => undefined
beforeEach(() => void vi.useFakeTimers())
afterEach(() => {
  detach()
  vi.useRealTimers()
})

test.each(Array.from({ length: 40 }, (_, seed) => seed + 1))(
  'whatever fails on the way, the server has in the end what was written last, and the device nothing (seed %i)',
  async (seed) => {
    const random = chance(seed)
    const server = new Server()
    const keeper = keeperOf(server)
    detach = keeper.attach()
    for (let k = 0; k < 12; k++) {
      const fault = FAULTS[Math.floor(random() * FAULTS.length)]
      server.faults.push(fault ?? 'none')
      server.back = random() * 600
      const key = random() < 0.5 ? 'a' : 'b'
      keeper.change({ ...keeper.snapshot().value, [key]: `${k}` })
      await vi.advanceTimersByTimeAsync(random() * 6_000)
    }
    const last = keeper.snapshot().value
    server.faults = []
    await vi.advanceTimersByTimeAsync(30_000)
    expect(server.value).toEqual(last)
    expect(keeper.snapshot().state.is).toBe('kept')
    expect(keeper.snapshot().theirs).toBeUndefined()
    expect(localStorage).toHaveLength(0)
  },
)

test('what is dirty when a screen is left is sent at once, and what was not reached stays on the device', async () => {
  const server = new Server()
  const keeper = keeperOf(server)
  const leave = keeper.attach()
  keeper.change({ a: '1', b: '' })
  leave()
  await vi.advanceTimersByTimeAsync(0)
  expect(server.value.a).toBe('1')
  const again = keeperOf(server)
  const leaveAgain = again.attach()
  server.faults = ['unreachable']
  again.change({ a: '2', b: '' })
  leaveAgain()
  await vi.advanceTimersByTimeAsync(60_000)
  expect(server.value.a).toBe('1')
  expect(deviceCopies.read('wren', 'sheet 1')?.value).toEqual({ a: '2', b: '' })
  const third = keeperOf(server)
  const leaveThird = third.attach()
  expect(third.snapshot().value.a).toBe('2')
  await vi.advanceTimersByTimeAsync(0)
  expect(server.value.a).toBe('2')
  // Who was left writes nothing behind the back of who goes on.
  server.faults = ['unreachable']
  third.change({ a: '3', b: '' })
  leaveThird()
  await vi.advanceTimersByTimeAsync(0)
  detach = keeperOf(server).attach()
  await vi.advanceTimersByTimeAsync(1_000)
  expect(server.value.a).toBe('3')
  expect(localStorage).toHaveLength(0)
})

test('a screen that was left and learns of its own change writes nothing on the device of the one that goes on', async () => {
  const server = new Server()
  const gone = keeperOf(server)
  const leave = gone.attach()
  server.faults = ['lost']
  gone.change({ a: '1', b: '' })
  await vi.advanceTimersByTimeAsync(400)
  gone.change({ a: '2', b: '' })
  server.faults = ['none', 'unreachable', 'unreachable']
  server.back = 500
  leave()
  server.back = 0
  const goesOn = keeperOf(server)
  detach = goesOn.attach()
  goesOn.change({ a: '3', b: '' })
  await vi.advanceTimersByTimeAsync(1_000)
  expect(deviceCopies.read<Texts>('wren', 'sheet 1')?.value.a).toBe('3')
  server.faults = []
  await vi.advanceTimersByTimeAsync(30_000)
  expect(server.value.a).toBe('3')
  expect(goesOn.snapshot().theirs).toBeUndefined()
  expect(localStorage).toHaveLength(0)
})

test('a page that goes while it keeps and is typed on finds its own again, which is no conflict', async () => {
  const server = new Server()
  const gone = keeperOf(server)
  const leave = gone.attach()
  server.back = 50_000
  gone.change({ a: '1', b: '' })
  await vi.advanceTimersByTimeAsync(400)
  gone.change({ a: '12', b: '' })
  leave()
  expect(server.value.a).toBe('1')
  server.back = 0
  const again = keeperOf(server)
  detach = again.attach()
  await vi.advanceTimersByTimeAsync(1_000)
  expect(again.snapshot().theirs).toBeUndefined()
  expect(server.value.a).toBe('12')
  await vi.advanceTimersByTimeAsync(60_000)
})

test('what is asked for after a screen was left can wait for what that screen had to keep', async () => {
  const server = new Server()
  const keeper = keeperOf(server)
  server.ms = 500
  const leave = keeper.attach()
  keeper.change({ a: '1', b: '' })
  leave()
  let found: string | undefined
  void keptOnLeaving().then(() => (found = server.value.a))
  await vi.advanceTimersByTimeAsync(499)
  expect(found).toBeUndefined()
  await vi.advanceTimersByTimeAsync(2)
  expect(found).toBe('1')
  // A line that never answers holds up nothing for long.
  server.ms = 1e9
  keeper.change({ a: '2', b: '' })
  void keeper.attach()()
  void keptOnLeaving().then(() => (found = 'asked'))
  await vi.advanceTimersByTimeAsync(3_001)
  expect(found).toBe('asked')
})

test('everything on the screen is kept before somebody signs out', async () => {
  const server = new Server()
  const keeper = keeperOf(server)
  detach = keeper.attach()
  keeper.change({ a: '1', b: '' })
  await keepEverything()
  expect(server.value.a).toBe('1')
})

test('where both have changed one, nothing is sent until somebody has chosen', async () => {
  const server = new Server()
  const keeper = keeperOf(server)
  detach = keeper.attach()
  server.value = { a: '9', b: '9' }
  server.revision = 1
  keeper.change({ a: '1', b: '' })
  await vi.advanceTimersByTimeAsync(20_000)
  expect(keeper.snapshot().state.is).toBe('conflict')
  expect(server.value).toEqual({ a: '9', b: '9' })
  keeper.resolve({ a: '1', b: '9' })
  await vi.advanceTimersByTimeAsync(1_000)
  expect(server.value).toEqual({ a: '1', b: '9' })
})

test('what is closed takes no change and asks for nothing more', async () => {
  const server = new Server()
  const keeper = keeperOf(server, true)
  detach = keeper.attach()
  server.faults = ['busy']
  keeper.change({ a: '1', b: '' })
  await vi.advanceTimersByTimeAsync(1_000)
  expect(keeper.snapshot().state.is).toBe('closed')
  keeper.change({ a: '2', b: '' })
  await vi.advanceTimersByTimeAsync(60_000)
  expect(server.value.a).toBe('')
})
