import { Anchor, Box, Text } from '@mantine/core'
import { useQuery, useQueryClient } from '@tanstack/react-query'
import { useTranslation } from 'react-i18next'
import { Link } from 'react-router'
import { client, type Schemas } from '../api/client'
import { questionsQuery, removedQuestionsQuery } from '../api/queries'
import { Empty } from '../ui/Empty'
import { Failed } from '../ui/Failed'
import { Loading } from '../ui/Loading'
import { NameInPlace } from '../ui/NameInPlace'
import { RemoveButton } from '../ui/RemoveButton'
import { RemovedList } from '../ui/RemovedList'
import { useFind } from '../ui/useFind'
import { useRemoval } from '../ui/useRemoval'
import classes from './Desk.module.css'

const at = (id: number) => ({ params: { path: { id } } })
const restore = (id: number) => client.POST('/api/questions/{id}/restoration', at(id))

/** The teacher's questions: opened, renamed, removed and brought back. */
export function Questions() {
  const { t } = useTranslation()
  const queries = useQueryClient()
  const questions = useQuery(questionsQuery)
  const removed = useQuery(removedQuestionsQuery)
  const refresh = () => queries.invalidateQueries({ queryKey: ['questions'] })
  const remove = useRemoval<Schemas['QuestionSummary']>({
    remove: ({ id }) => client.DELETE('/api/questions/{id}', at(id)),
    bringBack: ({ id }) => restore(id),
    nameOf: ({ title }) => title,
    said: (title) => t('question.removed', { title }),
    onDone: () => void refresh(),
  })
  const { found, field } = useFind({
    things: questions.data,
    textsOf: ({ title, notation, difficulty }) => [title, notation ?? '', t(`difficulty.${difficulty}`)],
  })
  if (questions.isLoadingError)
    return <Failed error={questions.error} onRetry={() => void questions.refetch()} />
  if (questions.isPending) return <Loading />
  const rename = async (id: number, title: string) => {
    await client.PUT('/api/questions/{id}/title', { ...at(id), body: { title } })
    await refresh()
  }
  return (
    <>
      {questions.data.length === 0 && <Empty text={t('question.none')} />}
      {field && <Box mb="sm">{field}</Box>}
      <ul className={classes.list}>
        {found.map((one) => (
          <li key={one.id} className={classes.row}>
            <NameInPlace name={one.title} maxLength={120} onRename={(title) => rename(one.id, title)}>
              <Anchor component={Link} to={`/workbench/${one.id}`} className={classes.item}>
                <Text fw={600}>{one.title}</Text>
                <Text c="dimmed" fz="xs">
                  {one.notation && (
                    <>
                      <span className={classes.notation}>{one.notation}</span> ·{' '}
                    </>
                  )}
                  {t('chart.marks', { count: one.marks })} · {t(`difficulty.${one.difficulty}`)}
                </Text>
              </Anchor>
            </NameInPlace>
            <RemoveButton
              label={t('question.remove', { title: one.title })}
              onRemove={() => remove.mutate(one)}
            />
          </li>
        ))}
      </ul>
      <RemovedList
        things={(removed.data ?? []).map(({ id, title }) => ({ id, name: title }))}
        onBringBack={async (id) => {
          await restore(id)
          await refresh()
        }}
      />
    </>
  )
}
