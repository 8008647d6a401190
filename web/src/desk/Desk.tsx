import { ActionIcon, Anchor, Button, Stack, Text, Title } from '@mantine/core'
import { IconTrash } from '@tabler/icons-react'
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { useTranslation } from 'react-i18next'
import { Link } from 'react-router'
import { client, type Schemas } from '../api/client'
import { assignmentsQuery, questionsQuery } from '../api/queries'
import { Empty } from '../ui/Empty'
import { Failed } from '../ui/Failed'
import { Loading } from '../ui/Loading'
import { notify, notifyFailure } from '../ui/notify'
import { Screen } from '../ui/Screen'
import { atMoment } from '../ui/when'
import classes from './Desk.module.css'

/** What needs the teacher, and her questions. */
export default function Desk() {
  const { t } = useTranslation()
  return (
    <Screen
      title={t('desk.title')}
      actions={
        <Button component={Link} to="/workbench">
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
        </section>
      </div>
    </Screen>
  )
}

function Waiting() {
  const { t } = useTranslation()
  const assignments = useQuery(assignmentsQuery)
  if (assignments.isError)
    return <Failed error={assignments.error} onRetry={() => void assignments.refetch()} />
  if (assignments.isPending) return <Loading />
  const waiting = assignments.data.filter((one) => !one.released)
  if (waiting.length === 0) return <Empty text={t('desk.nothing')} />
  return (
    <ul className={classes.list}>
      {waiting.map((one) => (
        <li key={one.id}>
          <Anchor component={Link} to={`/results/${one.classroomId}`} className={classes.item}>
            <Stack gap={0}>
              <Text fw={600}>{one.title}</Text>
              <Text c="dimmed" fz="xs">
                {one.classroom} · {t('desk.progress', { ...one })}
              </Text>
              <Text c="dimmed" fz="xs">
                {isDone(one) ? t('desk.toRelease') : t('desk.running', { due: atMoment(one.dueAt) })}
              </Text>
            </Stack>
          </Anchor>
        </li>
      ))}
    </ul>
  )
}

const isDone = (one: Schemas['AssignmentSummary']) =>
  one.sent === one.learners || new Date(one.dueAt) < new Date()

function Questions() {
  const { t } = useTranslation()
  const queries = useQueryClient()
  const questions = useQuery(questionsQuery)
  const refresh = () => void queries.invalidateQueries({ queryKey: ['questions'] })
  const restore = useMutation({
    mutationFn: (id: number) => client.POST('/api/questions/{id}/restoration', { params: { path: { id } } }),
    onSuccess: refresh,
    onError: notifyFailure,
  })
  const remove = useMutation({
    mutationFn: (question: Schemas['QuestionSummary']) =>
      client.DELETE('/api/questions/{id}', { params: { path: { id: question.id } } }),
    onSuccess: (_, question) => {
      refresh()
      notify(
        <>
          {t('question.removed', { title: question.title })}{' '}
          <Anchor component="button" onClick={() => restore.mutate(question.id)}>
            {t('ui.undo')}
          </Anchor>
        </>,
        true,
      )
    },
    onError: notifyFailure,
  })
  if (questions.isError) return <Failed error={questions.error} onRetry={() => void questions.refetch()} />
  if (questions.isPending) return <Loading />
  if (questions.data.length === 0) return <Empty text={t('question.none')} />
  return (
    <ul className={classes.list}>
      {questions.data.map((one) => (
        <li key={one.id} className={classes.row}>
          <Anchor component={Link} to={`/workbench/${one.id}`} className={classes.item}>
            <Text fw={600}>{one.title}</Text>
            <Text c="dimmed" fz="xs">
              <span className={classes.notation}>{one.notation}</span> ·{' '}
              {t('chart.marks', { count: one.marks })}
            </Text>
          </Anchor>
          <ActionIcon
            variant="subtle"
            color="gray"
            size={44}
            aria-label={t('question.remove', { title: one.title })}
            onClick={() => remove.mutate(one)}
          >
            <IconTrash size={18} stroke={1.5} />
          </ActionIcon>
        </li>
      ))}
    </ul>
  )
}
