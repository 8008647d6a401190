import { useMediaQuery } from '@mantine/hooks'
import type { KeyboardEvent, ReactNode } from 'react'
import { useTranslation } from 'react-i18next'
import type { Schemas } from '../api/client'
import { BoxField, type BoxFieldProps } from './BoxField'
import { ChartBoxes } from './ChartBoxes'
import type { Drawn } from './GivenCircuit'
import { isOneTask, type Box } from './places'
import { Prompt } from './Prompt'
import classes from './Tasks.module.css'

interface TasksProps {
  questions: Schemas['QuestionSheet'][]
  texts: Record<string, string>
  readings: Record<string, Schemas['ReadingView']>
  /** Without it the boxes can only be read. */
  onWrite?: (box: string, text: string) => void
  /** Called with the drawing of the task that is worked on. */
  onTask?: (drawn: Drawn) => void
  /** Enter in the last box. */
  onEnd?: () => void
}

/** What is asked, one task after the other; Enter goes on to the next box, and what was read stands beside each. */
export function Tasks({ questions, texts, readings, onWrite, onTask, onEnd }: TasksProps) {
  const { t } = useTranslation()
  const one = isOneTask(questions)
  const goOn = (event: KeyboardEvent<HTMLElement>, box: string) => {
    if (event.key !== 'Enter') return
    event.preventDefault()
    // A key that is held down is no going on.
    if (event.repeat) return
    const all = [...document.querySelectorAll<HTMLElement>('[data-box]')]
    const next = all[all.findIndex((each) => each.dataset.box === box) + 1]
    if (next) next.focus()
    else onEnd?.()
  }
  const asTable = useMediaQuery('(min-width: 1000px)', true, { getInitialValueInEffect: false })
  const field = (box: Box, Face: (props: BoxFieldProps) => ReactNode = BoxField) => (
    <Face
      key={box.id}
      box={box}
      text={texts[box.id] ?? ''}
      reading={readings[box.id]}
      onWrite={onWrite && ((text) => onWrite(box.id, text))}
      onKeyDown={(event) => goOn(event, box.id)}
    />
  )
  return (
    <div className={classes.boxes}>
      {questions.map((question, place) => (
        <section
          // Questions of a sheet never change their order.
          key={place}
          aria-label={questions.length > 1 ? t('work.question', { number: place + 1 }) : undefined}
        >
          {question.stem && <p className={classes.stem}>{question.stem}</p>}
          {question.tasks.map((task, at) => {
            const act =
              task.state !== (question.tasks[at - 1]?.state ?? 0)
                ? question.states[task.state]?.act
                : undefined
            return (
              <div key={task.number} onFocus={() => onTask?.({ question: place, state: task.state })}>
                {act && <p className={classes.act}>{act}</p>}
                {!one && <Prompt task={task} />}
                {asTable && task.chart ? (
                  <ChartBoxes chart={task.chart} boxes={task.boxes} field={field} />
                ) : (
                  <Fields boxes={task.boxes} field={field} />
                )}
              </div>
            )
          })}
        </section>
      ))}
    </div>
  )
}

/** The boxes of a task; those that are about a quantity stand together under its name, before any others. */
function Fields({ boxes, field }: { boxes: Box[]; field: (box: Box) => ReactNode }) {
  const { t } = useTranslation()
  const quantities = [...new Set(boxes.map((box) => box.quantity))].filter((one) => one !== '')
  if (boxes.length < 2 || quantities.length === 0) return boxes.map((box) => field(box))
  return (
    <>
      {quantities.map((quantity) => (
        <fieldset key={quantity} className={classes.group}>
          <legend>{t(`group.${quantity}`)}</legend>
          {boxes.filter((box) => box.quantity === quantity).map((box) => field(box))}
        </fieldset>
      ))}
      {boxes.filter((box) => box.quantity === '').map((box) => field(box))}
    </>
  )
}
