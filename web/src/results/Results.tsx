import { Button, Group, Text } from '@mantine/core'
import { useDisclosure } from '@mantine/hooks'
import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { useTranslation } from 'react-i18next'
import { useParams } from 'react-router'
import type { Schemas } from '../api/client'
import { resultsQuery } from '../api/queries'
import { ReleaseDialog } from '../classes/ReleaseDialog'
import { Empty } from '../ui/Empty'
import { Failed } from '../ui/Failed'
import { Loading } from '../ui/Loading'
import { Screen } from '../ui/Screen'
import { useFind } from '../ui/useFind'
import { ResultsTable } from './ResultsTable'

type Assignment = Schemas['AssignmentSummary']

/** So many are seen at once: finished work is folded away where there is more. */
const FEW_ASSIGNMENTS = 6

/** A class's table, learner by assignment. */
export default function Results() {
  const { t } = useTranslation()
  const classId = Number(useParams().classId)
  const results = useQuery(resultsQuery(classId))
  const [releasing, setReleasing] = useState<Assignment>()
  const [all, showAll] = useDisclosure(false)
  const { found, field } = useFind({
    things: results.data?.rows,
    textsOf: ({ learner }) => [learner.displayName],
    noneFound: (find) => t('classes.noneFound', { find }),
  })
  if (results.isLoadingError) return <Failed error={results.error} onRetry={() => void results.refetch()} />
  if (results.isPending) return <Loading />
  const { classroom, assignments } = results.data
  const finished = assignments.filter((one) => !one.open)
  const folds = assignments.length > FEW_ASSIGNMENTS && finished.length > 0
  const shown = folds && !all ? assignments.filter((one) => one.open) : assignments
  return (
    <Screen title={t('results.title')} aside={classroom}>
      {assignments.length === 0 ? (
        <Empty text={t('results.nothing')} />
      ) : (
        <>
          <Group align="end" gap="md" mb="sm">
            {field}
            <Button component="a" href={`/api/classes/${classId}/results.csv`} download variant="default">
              {t('results.csv')}
            </Button>
            {folds && (
              <Button variant="default" onClick={showAll.toggle} aria-expanded={all}>
                {t(all ? 'results.fold' : 'results.unfold', { count: finished.length })}
              </Button>
            )}
          </Group>
          {found.length > 0 && (
            <ResultsTable
              assignments={assignments}
              shown={new Set(shown.map((one) => one.id))}
              rows={found}
              onRelease={setReleasing}
            />
          )}
          <Text c="dimmed" fz="xs" mt="sm">
            {t('results.legend')}
          </Text>
        </>
      )}
      {releasing && <ReleaseDialog assignmentId={releasing.id} onClose={() => setReleasing(undefined)} />}
    </Screen>
  )
}
