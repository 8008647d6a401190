import { Button } from '@mantine/core'
import { useDisclosure } from '@mantine/hooks'
import type { ReactNode } from 'react'
import { useTranslation } from 'react-i18next'
import type { Schemas } from '../api/client'
import { totalMarks, type Uses } from './cells'
import classes from './QuestionBar.module.css'
import { QuestionDialog } from './QuestionDialog'

interface QuestionBarProps {
  notation: string
  uses: Uses
  /** The kept question that is being changed, if it is one. */
  question?: Schemas['QuestionView']
  /** Whether the circuit can be read as it stands. */
  ready: boolean
  /** Where it is kept while it is made. */
  draftId?: number
  /** How it stands with keeping. */
  kept: ReactNode
}

/** At the foot of the workbench: how much is asked, and the way to keep it as a question. */
export function QuestionBar({ notation, uses, question, ready, draftId, kept }: QuestionBarProps) {
  const { t } = useTranslation()
  const [opened, dialog] = useDisclosure(false)
  return (
    <div className={classes.bar}>
      <span className={classes.sum} id="asked-sum" data-testid="marks-sum">
        {uses.asked.size === 0
          ? t('workbench.nothingAsked')
          : `${t('workbench.asked', { count: uses.asked.size })} · ${t('chart.marks', { count: totalMarks(uses) })}`}
      </span>
      {kept}
      <Button disabled={!ready} onClick={dialog.open} aria-describedby="asked-sum">
        {t(question ? 'workbench.keep' : 'workbench.make')}
      </Button>
      <QuestionDialog
        opened={opened}
        onClose={dialog.close}
        notation={notation}
        uses={uses}
        question={question}
        draftId={draftId}
      />
    </div>
  )
}
