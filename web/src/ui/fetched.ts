const AGAIN_MS = 2_000

/** Whether the server itself answers, and not what stands before it. */
const reachable = () =>
  fetch('/api/session').then(
    ({ status }) => status < 500,
    () => false,
  )

/**
 * A part of a screen that is fetched when the screen stands already. Where the server cannot be reached it is tried again
 * and again, and what stands there is used meanwhile; it fails where the server has it no more.
 */
export async function fetched<T>(part: () => Promise<T>): Promise<T> {
  for (let reached = false; ;) {
    try {
      return await part()
    } catch (error) {
      if (reached) throw error
      reached = await reachable()
      if (!reached) await new Promise((later) => setTimeout(later, AGAIN_MS))
    }
  }
}
