import { Anchor, Box, Button, Stack, Text, Title } from '@mantine/core'
import { useQuery } from '@tanstack/react-query'
import { useTranslation } from 'react-i18next'
import { Link } from 'react-router'
import type { Schemas } from '../api/client'
import { assignmentsQuery } from '../api/queries'
import { Empty } from '../ui/Empty'
import { Failed } from '../ui/Failed'
import { Loading } from '../ui/Loading'
import { Screen } from '../ui/Screen'
import { useFind } from '../ui/useFind'
import { atMoment } from '../ui/when'
import { freshBench } from '../workbench/benchAddress'
import classes from './Desk.module.css'
import { Drafts } from './Drafts'
import { Questions } from './Questions'

/** What needs the teacher, and her questions. */
export default function Desk() {
  const { t } = useTranslation()
  return (
    <Screen
      title={t('desk.title')}
      actions={
        <Button component={Link} to={freshBench}>
          {t('desk.new')}
        </Button>
      }
    >
      <div className={classes.columns}>
        <section>
          <Title order={2} mb="xs">
            {t('desk.needsMe')}
          </Title>
          <Waiting />
        </section>
        <section>
          <Title order={2} mb="xs">
            {t('desk.questions')}
          </Title>
          <Questions />
          <Drafts />
        </section>
      </div>
    </Screen>
  )
}

function Waiting() {
  const { t } = useTranslation()
  const assignments = useQuery(assignmentsQuery)
  const waiting = assignments.data?.filter((one) => !one.released)
  const { found, field } = useFind({
    things: waiting,
    textsOf: ({ title, classroom }) => [title, classroom],
  })
  if (assignments.isLoadingError)
    return <Failed error={assignments.error} onRetry={() => void assignments.refetch()} />
  if (assignments.isPending) return <Loading />
  if (waiting?.length === 0) return <Empty text={t('desk.nothing')} />
  return (
    <>
      {field && <Box mb="sm">{field}</Box>}
      <ul className={classes.list}>
        {found.map((one) => (
          <li key={one.id}>
            <Anchor component={Link} to={`/results/${one.classroomId}/${one.id}`} className={classes.item}>
              <Stack gap={0}>
                <Text fw={600}>{one.title}</Text>
                <Text c="dimmed" fz="xs">
                  {one.classroom} · {t('desk.progress', { ...one })}
                </Text>
                <Text c="dimmed" fz="xs">
                  {t(`desk.${standing(one)}`, { due: atMoment(one.dueAt), count: one.learners - one.sent })}
                </Text>
              </Stack>
            </Anchor>
          </li>
        ))}
      </ul>
    </>
  )
}

/** What is to be said of work that was not handed back yet. */
function standing(one: Schemas['AssignmentSummary']) {
  if (one.learners === 0) return 'nobody'
  if (one.sent === one.learners) return 'allIn'
  return new Date(one.dueAt) < new Date() ? 'over' : 'running'
}
