import type { Schemas } from '../api/client'

/** What is written of each thing's current, and what else there is: "R1 I1; R2 I2; I1 = I2 + I3". */
export function namesIn(things: string[], text: string) {
  const names = new Map<string, string>()
  const rest: string[] = []
  for (const item of text.split(/[;,\n]/).map((one) => one.trim())) {
    const [, thing = '', name = ''] = /^(\S+?)[\s:=]+([\p{L}][\p{L}\d_]*)$/u.exec(item) ?? []
    if (things.includes(thing)) names.set(thing, name)
    else if (item !== '') rest.push(item)
  }
  return { names, rest }
}

/** The names that were given to currents in one state of a question, for its drawing. */
export function namesOnDrawing(
  question: Schemas['QuestionSheet'],
  state: number,
  texts: Record<string, string>,
): ReadonlyMap<string, string> {
  const names = question.tasks
    .filter((task) => task.state === state)
    .flatMap(({ boxes }) => boxes)
    .filter(({ form }) => form === 'currents')
    .flatMap(({ id, things }) => [...namesIn(things, texts[id] ?? '').names])
  return new Map(names)
}
