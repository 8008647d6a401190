import { Anchor, Box, Stack, Text } from '@mantine/core'
import { useQuery } from '@tanstack/react-query'
import { useTranslation } from 'react-i18next'
import { Link } from 'react-router'
import type { Schemas } from '../api/client'
import { assignmentsQuery } from '../api/queries'
import { Empty } from '../ui/Empty'
import { Failed } from '../ui/Failed'
import { Loading } from '../ui/Loading'
import { useFind } from '../ui/useFind'
import { atMoment } from '../ui/when'
import classes from './Desk.module.css'

/** What was handed out and not handed back yet, by what is to be done with it. */
export function Waiting() {
  const { t } = useTranslation()
  const assignments = useQuery(assignmentsQuery)
  const waiting = assignments.data?.filter((one) => one.open)
  const { found, field } = useFind({
    things: waiting,
    textsOf: ({ title, classroom }) => [title, classroom],
  })
  if (assignments.isLoadingError)
    return <Failed error={assignments.error} onRetry={() => void assignments.refetch()} />
  if (assignments.isPending) return <Loading />
  if (waiting?.length === 0) return <Empty text={t('desk.nothing')} />
  const groups = TO_DO.map((group) => [group, found.filter((one) => toDo(one) === group)] as const)
  return (
    <>
      {field && <Box mb="sm">{field}</Box>}
      {groups
        .filter(([, some]) => some.length > 0)
        .map(([group, some]) => (
          <section key={group} aria-label={t(`desk.toDo.${group}`)}>
            <Text component="h3" c="dimmed" fz="xs" fw={400} mt="sm" mb={4}>
              {t(`desk.toDo.${group}`)}
            </Text>
            <ul className={classes.list}>
              {some.map((one) => (
                <li key={one.id} className={classes.row}>
                  <Anchor
                    component={Link}
                    to={`/results/${one.classroomId}/${one.id}`}
                    className={classes.item}
                  >
                    <Stack gap={0}>
                      <Text fw={600}>{one.title}</Text>
                      <Text c="dimmed" fz="xs">
                        {one.classroom} · {t('desk.progress', { ...one })}
                      </Text>
                      <Text c="dimmed" fz="xs">
                        {t(`desk.${standing(one)}`, {
                          ...one,
                          due: atMoment(dueOf(one)),
                          count: one.learners - one.sent,
                        })}
                      </Text>
                    </Stack>
                  </Anchor>
                  {!one.released && one.sent < one.learners && group !== 'running' && group !== 'soon' && (
                    <Anchor
                      component={Link}
                      to={`/classes/${one.classroomId}/keying/${one.id}`}
                      className={classes.act}
                      aria-label={t('desk.keyInOf', { title: one.title })}
                    >
                      {t('desk.keyIn')}
                    </Anchor>
                  )}
                </li>
              ))}
            </ul>
          </section>
        ))}
    </>
  )
}

/** Of what was handed back only further attempts are due. */
const dueOf = (one: Schemas['AssignmentSummary']) => (one.released && one.againDue) || one.dueAt

const TO_DO = ['handBack', 'keyIn', 'soon', 'running'] as const
const SOON_MS = 3 * 24 * 60 * 60 * 1000

/** What a teacher has to do with work that was not handed back yet. */
function toDo(one: Schemas['AssignmentSummary']): (typeof TO_DO)[number] {
  const left = new Date(dueOf(one)).getTime() - Date.now()
  if (one.released) return one.again === 0 || left < 0 ? 'handBack' : left < SOON_MS ? 'soon' : 'running'
  if (one.sent < one.learners && one.keyed > 0) return 'keyIn'
  if (one.learners > 0 && (one.sent === one.learners || left < 0)) return 'handBack'
  return left < SOON_MS ? 'soon' : 'running'
}

/** What is to be said of work that was not handed back yet. */
function standing(one: Schemas['AssignmentSummary']) {
  if (one.released) return 'again'
  if (one.learners === 0) return 'nobody'
  if (one.sent === one.learners) return 'allIn'
  return new Date(one.dueAt) < new Date() ? 'over' : 'running'
}
