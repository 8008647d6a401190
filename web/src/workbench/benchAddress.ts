/** What stands on a workbench that nothing was done on yet. */
export const FIRST_CIRCUIT = '16 V : R1=5 + (R2=12 || R3=4)'

/** A workbench for a new question. */
export const freshBench = `/workbench?${new URLSearchParams({ circuit: FIRST_CIRCUIT }).toString()}`

/** The worked solution of a circuit, with all that leads back to the workbench as it is. */
export function paperAddress(search: URLSearchParams, circuit: string, questionId?: number) {
  const all = new URLSearchParams(search)
  all.set('circuit', circuit)
  if (questionId !== undefined) all.set('question', String(questionId))
  return `/workbench/solution?${all.toString()}`
}

/** Back from a worked solution. */
export function benchOf(search: URLSearchParams) {
  const all = new URLSearchParams(search)
  const question = all.get('question')
  all.delete('question')
  if (question) all.delete('circuit')
  return `/workbench${question ? `/${question}` : ''}?${all.toString()}`
}
