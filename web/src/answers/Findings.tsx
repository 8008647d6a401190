import type { ReactNode } from 'react'
import type { Schemas } from '../api/client'
import { FindingRow } from '../ui/FindingRow'
import { isOneTask } from './places'
import { Prompt } from './Prompt'
import classes from './Tasks.module.css'

interface FindingsProps {
  questions: Schemas['QuestionSheet'][]
  findings: Schemas['BoxFindingView'][]
  /** The box in hand. */
  selected?: string
  onSelect?: (box: string) => void
  /** What stands under what was found of a box. */
  under?: (finding: Schemas['BoxFindingView']) => ReactNode
}

/** What was written into each box and what the marker says of it, task by task. */
export function Findings({ questions, findings, selected, onSelect, under }: FindingsProps) {
  const byBox = new Map(findings.map((finding) => [finding.box, finding]))
  const one = isOneTask(questions)
  return questions.flatMap(({ tasks }) =>
    tasks.map((task) => (
      <div key={task.number}>
        {!one && <Prompt task={task} />}
        <ul className={classes.list}>
          {task.boxes.map((box) => {
            const finding = byBox.get(box.id)
            return (
              finding && (
                <FindingRow
                  key={box.id}
                  finding={finding}
                  box={box}
                  selected={box.id === selected}
                  onSelect={onSelect && (() => onSelect(box.id))}
                  under={under?.(finding)}
                />
              )
            )
          })}
        </ul>
      </div>
    )),
  )
}
