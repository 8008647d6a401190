/** Numbers in [0, 1) from a seed, so that a failure can be found again. */
export function chance(seed: number) {
  let state = seed
  return () => {
    state = (state * 1103515245 + 12345) % 2147483648
    return state / 2147483648
  }
}
