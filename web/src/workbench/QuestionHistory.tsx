import { Button } from '@mantine/core'
import { useDisclosure } from '@mantine/hooks'
import { useQuery } from '@tanstack/react-query'
import { useTranslation } from 'react-i18next'
import type { Schemas } from '../api/client'
import { questionRevisionsQuery } from '../api/queries'
import { announce } from '../ui/announce'
import { Earlier } from '../ui/Earlier'

interface QuestionHistoryProps {
  question: Schemas['QuestionView']
  /** Puts one that it was onto the bench, where it is seen, kept, or undone. */
  onTake: (earlier: Schemas['QuestionBody']) => void
}

/** What a kept question was before each change. */
export function QuestionHistory({ question, onTake }: QuestionHistoryProps) {
  const { t } = useTranslation()
  const [opened, dialog] = useDisclosure(false)
  return (
    <>
      <Button variant="subtle" color="gray" size="compact-sm" px={4} onClick={dialog.open}>
        {t('workbench.earlier')}
      </Button>
      {opened && <Ones question={question} onTake={onTake} onClose={dialog.close} />}
    </>
  )
}

function Ones({ question, onTake, onClose }: QuestionHistoryProps & { onClose: () => void }) {
  const { t } = useTranslation()
  const revisions = useQuery(questionRevisionsQuery(question.id))
  return (
    <Earlier
      title={question.title}
      ones={revisions.data?.map((one) => ({ ...one, size: t('chart.marks', { count: one.marks }) }))}
      onBack={(revision) => {
        const one = revisions.data?.find((earlier) => earlier.revision === revision)
        if (!one) return
        onTake(one.body)
        announce(t('workbench.earlierThere'))
        onClose()
      }}
      onClose={onClose}
    />
  )
}
