import { Alert, Button, Group, Textarea } from '@mantine/core'
import { useState } from 'react'
import { useTranslation } from 'react-i18next'
import type { Schemas } from '../api/client'
import { announce } from '../ui/announce'
import type { Asking, TaskBody } from './asking'
import { MoreOfQuestion } from './MoreOfQuestion'
import { Offers } from './Offers'
import classes from './QuestionPanel.module.css'
import { TaskLine } from './TaskLine'
import { ValuesOfQuestion } from './ValuesOfQuestion'
import type { FoundValues } from './useFoundValues'
import type { Checked } from './useChecked'
import type { CircuitStates } from './useCircuitStates'

interface QuestionPanelProps {
  /** Missing where there is no circuit and all is asked in words. */
  analysis?: Schemas['AnalysisView']
  checked: Checked
  states: CircuitStates
  asking: Asking
  onAsking: (asking: Asking, typedAt?: number) => void
  inHand: string
  onInHand: (name: string) => void
  /** The values of what varies in it. */
  values: FoundValues
  /** Gives the circuit nice values. */
  onNice: () => void
  /** Shows the sheet that comes of it. */
  onTry: () => void
  /** Shows the model answers with their points. */
  onMemo: () => void
}

/** The question as its learners will read it: its stem, its tasks, and what else could be asked. */
export function QuestionPanel(props: QuestionPanelProps) {
  const { analysis, checked, states, asking, onAsking, inHand, onInHand, values, onNice, onTry, onMemo } =
    props
  const { t } = useTranslation()
  const [open, setOpen] = useState(-1)
  const { data, problem } = checked
  const put = (tasks: readonly TaskBody[], said?: string) => {
    if (said) announce(said)
    onAsking({ ...asking, tasks })
  }
  const ask = (tasks: TaskBody[]) => {
    put([...asking.tasks, ...tasks], t('task.added', { count: tasks.length }))
    setOpen(asking.tasks.length + tasks.length - 1)
  }
  const whole = asking.tasks.length > 0 && data !== undefined && data.flaws.length === 0
  const [dragged, setDragged] = useState<number>()
  const move = (from: number, to: number) => {
    const task = asking.tasks[from]!
    put(asking.tasks.toSpliced(from, 1).toSpliced(to, 0, task), t('task.moved', { place: to + 1 }))
    setOpen(to)
  }
  return (
    <div className={classes.panel}>
      <Textarea
        label={t('task.stem')}
        placeholder={t('task.stemHint')}
        autosize
        minRows={1}
        maxRows={6}
        value={asking.stem}
        onChange={(event) => onAsking({ ...asking, stem: event.currentTarget.value }, Date.now())}
      />
      {analysis && (
        <>
          <MoreOfQuestion analysis={analysis} asking={asking} onAsking={onAsking} />
          <ValuesOfQuestion asking={asking} onAsking={onAsking} values={values} onNice={onNice} />
        </>
      )}
      {problem && !problem.task && !problem.thing && (
        <Alert color="copper" variant="outline" role="alert" mt="sm">
          {problem.detail}
        </Alert>
      )}
      {asking.tasks.length === 0 ? (
        <p className={classes.none}>{t('task.noTasks')}</p>
      ) : (
        <ol className={classes.tasks}>
          {asking.tasks.map((task, place) => {
            // What is said of it names it by its place, whatever its number is.
            const id = task.id ?? `1.${place + 1}`
            const told = data?.prompts.find((one) => one.task === id)
            const number = told?.number ?? id
            return (
              <TaskLine
                // A task is told by its place; its number is all it has.
                key={place}
                number={number}
                task={task}
                prompt={told?.text ?? t(`task.kinds.${task.kind}`)}
                flaws={[
                  ...(problem?.task === id ? [problem.detail] : []),
                  ...(data?.flaws.filter((flaw) => flaw.task === id).map((flaw) => flaw.sentence) ?? []),
                ]}
                boxes={data?.boxes.filter((box) => box.task === id) ?? []}
                model={data?.model ?? []}
                analysis={analysis}
                acts={states.acts}
                opened={open === place}
                onOpen={() => {
                  setOpen(open === place ? -1 : place)
                  states.choose(task.state ?? 0)
                }}
                onTask={(next) => put(asking.tasks.with(place, next))}
                onMove={(by) => move(place, place + by)}
                onDrag={() => setDragged(place)}
                onDrop={() => {
                  if (dragged !== undefined && dragged !== place) move(dragged, place)
                  setDragged(undefined)
                }}
                first={place === 0}
                last={place === asking.tasks.length - 1}
                onCopy={() => {
                  put(asking.tasks.toSpliced(place + 1, 0, { ...task, id: undefined }), t('task.copied'))
                  setOpen(place + 1)
                }}
                onRemove={() => {
                  put(asking.tasks.toSpliced(place, 1), t('task.taskRemoved', { number }))
                  setOpen(-1)
                }}
                onInHand={onInHand}
              />
            )
          })}
        </ol>
      )}
      {data?.flaws
        .filter((flaw) => flaw.task === '' && asking.tasks.length > 0)
        .map((flaw) => (
          <p key={flaw.sentence} className={classes.flaw}>
            {flaw.sentence}
          </p>
        ))}
      <Offers
        request={checked.settled}
        state={states.state}
        inHand={inHand}
        onAsk={ask}
        ready={checked.upToDate && !problem}
      />
      <Group gap="sm" mt="sm">
        <Button variant="default" onClick={onTry} disabled={!whole}>
          {t('task.try')}
        </Button>
        <Button variant="default" onClick={onMemo} disabled={!whole}>
          {t('memo.title')}
        </Button>
      </Group>
    </div>
  )
}
