import { Button } from '@mantine/core'
import { useDisclosure } from '@mantine/hooks'
import type { ReactNode } from 'react'
import { useTranslation } from 'react-i18next'
import type { Schemas } from '../api/client'
import classes from './QuestionBar.module.css'
import { QuestionDialog } from './QuestionDialog'
import type { Checked } from './useChecked'

interface QuestionBarProps {
  /** What is asked, and the style it was typed in. */
  request: Schemas['QuestionToCheck']
  checked: Checked
  /** The kept question that is being changed, if it is one. */
  question?: Schemas['QuestionView']
  /** Whether the circuit can be read as it stands. */
  ready: boolean
  /** Where it is kept while it is made. */
  draftId?: number
  /** How it stands with keeping. */
  kept: ReactNode
  /** The way to what it was before. */
  earlier: ReactNode
}

/** At the foot of the workbench: how much is asked, and the way to keep it as a question. */
export function QuestionBar({ request, checked, question, ready, draftId, kept, earlier }: QuestionBarProps) {
  const { t } = useTranslation()
  const [opened, dialog] = useDisclosure(false)
  const { boxes = [], total = 0, difficulty } = checked.data ?? {}
  const sum =
    request.body.tasks.length === 0
      ? t('workbench.nothingAsked')
      : `${t('workbench.asked', { count: boxes.length })} · ${t('chart.marks', { count: total })}`
  return (
    <div className={classes.bar}>
      <span className={classes.sum} id="asked-sum">
        <span data-testid="marks-sum">{sum}</span>
        {difficulty && boxes.length > 0 && ` · ${t(`difficulty.${difficulty}`)}`}
      </span>
      <div className={classes.kept}>
        {kept}
        {earlier}
      </div>
      <Button disabled={!ready} onClick={dialog.open} aria-describedby="asked-sum">
        {t(question ? 'workbench.keep' : 'workbench.make')}
      </Button>
      <QuestionDialog
        opened={opened}
        onClose={dialog.close}
        request={request}
        sum={sum}
        question={question}
        draftId={draftId}
      />
    </div>
  )
}
