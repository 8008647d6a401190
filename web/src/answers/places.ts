import type { Schemas } from '../api/client'

export type Box = Schemas['BoxView']
export type Task = Schemas['TaskSheet']

/** A box where it stands on its sheet. */
export interface Place {
  box: Box
  task: Task
  question: number
  /** What it is called among all boxes of the sheet. */
  name: string
}

/** Every box of a sheet, in its order. */
export function placesOf({ questions }: Pick<Schemas['SheetView'], 'questions'>): Place[] {
  const one = isOneTask(questions)
  return questions.flatMap(({ tasks }, question) =>
    tasks.flatMap((task) =>
      task.boxes.map((box) => ({
        box,
        task,
        question,
        name: one ? box.name : `${task.number} ${box.name}`,
      })),
    ),
  )
}

/** Whether a sheet is one task of values and no more, which then needs neither number nor prompt. */
export const isOneTask = (questions: Schemas['QuestionSheet'][]) => {
  const tasks = questions.flatMap((question) => question.tasks)
  return tasks.length === 1 && tasks[0]!.boxes.every((box) => box.form === 'amount')
}
