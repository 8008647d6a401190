import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { useTranslation } from 'react-i18next'
import { modelQuery } from '../api/queries'
import { StepEquation } from '../ui/StepEquation'
import classes from './Feedback.module.css'

interface ModelAnswerProps {
  work: number
  attempt: number
  box: string
}

/** How a box is worked in the learner's own values, fetched when somebody asks for it. */
export function ModelAnswer({ work, attempt, box }: ModelAnswerProps) {
  const { t } = useTranslation()
  const [open, setOpen] = useState(false)
  const model = useQuery({ ...modelQuery(work, attempt), enabled: open })
  const entry = model.data?.boxes.find((one) => one.box === box)?.entry
  return (
    <details className={classes.model} onToggle={(event) => setOpen(event.currentTarget.open)}>
      <summary>{t('feedback.worked')}</summary>
      <div role="status">
        {model.isError && model.error.message}
        {entry?.lines.map((line) => (
          <div key={line.text}>{line.step ? <StepEquation step={line.step} /> : line.text}</div>
        ))}
        {entry?.accepted && <div>{t('feedback.accepted', { range: entry.accepted })}</div>}
      </div>
    </details>
  )
}
