import { afterEach, beforeEach, expect, test, vi } from 'vitest'
import { fetched } from './fetched'

beforeEach(() => void vi.useFakeTimers())
afterEach(() => {
  vi.useRealTimers()
  vi.unstubAllGlobals()
})

test('a part is fetched as soon as the server can be reached again', async () => {
  let line = false
  const part = vi.fn(() => (line ? Promise.resolve('the part') : Promise.reject(new TypeError('no line'))))
  vi.stubGlobal('fetch', () =>
    line ? Promise.resolve(new Response()) : Promise.reject(new TypeError('no line')),
  )
  let found: string | undefined
  void fetched(part).then((there) => (found = there))
  await vi.advanceTimersByTimeAsync(60_000)
  vi.stubGlobal('fetch', () =>
    Promise.resolve(line ? new Response() : new Response('Bad gateway', { status: 502 })),
  )
  await vi.advanceTimersByTimeAsync(60_000)
  expect(found).toBeUndefined()
  expect(part.mock.calls.length).toBeGreaterThan(20)
  line = true
  await vi.advanceTimersByTimeAsync(2_000)
  expect(found).toBe('the part')
})

test('a part that the server has no more is not waited for', async () => {
  vi.stubGlobal('fetch', () => Promise.resolve(new Response()))
  const part = vi.fn(() => Promise.reject(new TypeError('not found')))
  await expect(fetched(part)).rejects.toThrow('not found')
  expect(part).toHaveBeenCalledTimes(2)
})
