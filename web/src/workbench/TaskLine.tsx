import { Button, Group } from '@mantine/core'
import { useTranslation } from 'react-i18next'
import type { Schemas } from '../api/client'
import type { TaskBody } from './asking'
import classes from './QuestionPanel.module.css'
import { TaskFields } from './TaskFields'

interface TaskLineProps {
  number: string
  task: TaskBody
  prompt: string
  flaws: string[]
  boxes: Schemas['QuestionBox'][]
  model: Schemas['ModelView'][]
  analysis?: Schemas['AnalysisView']
  /** What was done to come to each state after the first. */
  acts: string[]
  opened: boolean
  onOpen: () => void
  onTask: (task: TaskBody) => void
  onMove: (by: number) => void
  /** It is taken to be moved. */
  onDrag: () => void
  /** What was taken is put in its place. */
  onDrop: () => void
  first: boolean
  last: boolean
  onCopy: () => void
  onRemove: () => void
  onInHand: (name: string) => void
}

/** An answer, in the sentences that its letters stand for where it was picked from some. */
function said({ form, choices }: Schemas['QuestionBox'], answer: string) {
  if (form !== 'chain' && form !== 'why') return answer
  return [...answer.matchAll(/[a-z]/g)].map(([letter]) => choices[letter.charCodeAt(0) - 97]).join(' → ')
}

/** A task as a learner will read it, its marks at the right; under the one in hand its model answer and its settings. */
export function TaskLine(props: TaskLineProps) {
  const { number, task, prompt, flaws, boxes, model, opened, onOpen, onTask } = props
  const { onMove, onDrag, onDrop, first, last, onCopy, onRemove } = props
  const { t } = useTranslation()
  const marks = boxes.reduce((sum, box) => sum + box.marks, 0)
  const answers = boxes
    .map((box) => said(box, model.find((one) => one.box === box.id)?.answer ?? ''))
    .filter((answer) => answer !== '')
  return (
    <li
      className={[opened && classes.open, task.deeper && classes.deeper].filter(Boolean).join(' ')}
      data-task={number}
      draggable={!opened}
      onDragStart={onDrag}
      onDragOver={(event) => event.preventDefault()}
      onDrop={onDrop}
    >
      <button type="button" className={classes.line} aria-expanded={opened} onClick={onOpen}>
        <span className={classes.number}>{number}</span>
        <span>{prompt}</span>
        <span className={classes.marks}>
          <span aria-hidden>({marks})</span>
          <span className={classes.heard}>{t('chart.marks', { count: marks })}</span>
        </span>
      </button>
      {flaws.map((flaw) => (
        <p key={flaw} className={classes.flaw}>
          {flaw}
        </p>
      ))}
      {opened && (
        <div className={classes.detail}>
          {answers.length > 0 && (
            <p className={classes.model}>
              <span>{t('task.model')}</span> <b>{answers.join(' · ')}</b>
            </p>
          )}
          <TaskFields {...props} />
          <Group gap={4} mt="xs">
            <Doing
              label={t('task.up', { number })}
              word={t('task.upWord')}
              off={first}
              onDo={() => onMove(-1)}
            />
            <Doing
              label={t('task.down', { number })}
              word={t('task.downWord')}
              off={last}
              onDo={() => onMove(1)}
            />
            <Doing
              label={t(task.deeper ? 'task.shallower' : 'task.deeper', { number })}
              word={t(task.deeper ? 'task.shallowerWord' : 'task.deeperWord')}
              off={first}
              onDo={() => onTask({ ...task, deeper: task.deeper ? undefined : true })}
            />
            <Doing label={t('task.copy', { number })} word={t('task.copyWord')} onDo={onCopy} />
            <Doing label={t('task.removeTask', { number })} word={t('task.removeWord')} onDo={onRemove} />
          </Group>
        </div>
      )}
    </li>
  )
}

function Doing({ label, word, off, onDo }: { label: string; word: string; off?: boolean; onDo: () => void }) {
  return (
    <Button variant="subtle" size="compact-sm" mih={36} aria-label={label} disabled={off} onClick={onDo}>
      {word}
    </Button>
  )
}
