import { Box, Button, Group, Text } from '@mantine/core'
import { keepPreviousData, useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { useTranslation } from 'react-i18next'
import { Findings } from '../answers/Findings'
import { Tasks } from '../answers/Tasks'
import type { Schemas } from '../api/client'
import { triedSheetQuery } from '../api/queries'
import { Drawing } from '../ui/Drawing'
import { Failed } from '../ui/Failed'
import { Loading } from '../ui/Loading'
import type { CircuitStates } from './useCircuitStates'

interface TrySheetProps {
  /** The question as it would be kept. */
  body: Schemas['QuestionBody']
  /** The house style it is shown in. */
  style?: string | null
  states: CircuitStates
  /** Back to what is asked. */
  onBack: () => void
}

/** The sheet that comes of a question, to be answered and seen marked at once; nothing of it is kept. */
export function TrySheet({ body, style, states, onBack }: TrySheetProps) {
  const { t } = useTranslation()
  const [texts, setTexts] = useState<Record<string, string>>({})
  const [marked, setMarked] = useState<Record<string, string>>({})
  const answers = Object.entries(marked).map(([box, text]) => ({ box, text }))
  const sheet = useQuery({ ...triedSheetQuery({ body, answers, style }), placeholderData: keepPreviousData })
  if (sheet.isLoadingError) return <Failed error={sheet.error} onRetry={() => void sheet.refetch()} />
  if (sheet.isPending) return <Loading />
  const { question, findings, marks, total } = sheet.data
  // With names of their own the parts are called otherwise than on the teacher's drawing.
  const scene = question.states[states.state]?.scene
  const readings = Object.fromEntries(
    question.tasks.flatMap((task) =>
      task.boxes.filter((box) => box.text === texts[box.id]).map((box) => [box.id, box.reading] as const),
    ),
  )
  return (
    <section aria-label={t('task.asLearner')}>
      <Group justify="space-between">
        <Text c="dimmed" fz="sm">
          {t('task.asLearner')}
        </Text>
        <Button variant="subtle" size="compact-sm" mih={36} onClick={onBack}>
          {t('task.backToTasks')}
        </Button>
      </Group>
      {body.names && scene && (
        <Box h={220} mt="xs">
          <Drawing scene={scene} words={t('drawing.described')} />
        </Box>
      )}
      <Tasks
        questions={[question]}
        texts={texts}
        readings={readings}
        onWrite={(box, text) => setTexts({ ...texts, [box]: text })}
        onTask={({ state }) => states.choose(state)}
        onEnd={() => setMarked(texts)}
      />
      <Group gap="sm" align="center">
        <Button onClick={() => setMarked(texts)}>{t('task.mark')}</Button>
        {findings.length > 0 && <Text role="status">{t('feedback.marks', { marks, total })}</Text>}
      </Group>
      {findings.length > 0 && <Findings questions={[question]} findings={findings} />}
    </section>
  )
}
