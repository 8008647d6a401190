import { ActionIcon, Anchor, Text, TextInput } from '@mantine/core'
import { IconTrash } from '@tabler/icons-react'
import { useQuery, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { useTranslation } from 'react-i18next'
import { Link } from 'react-router'
import { client, type Schemas } from '../api/client'
import { questionsQuery, removedQuestionsQuery } from '../api/queries'
import { Empty } from '../ui/Empty'
import { Failed } from '../ui/Failed'
import { Loading } from '../ui/Loading'
import { NameInPlace } from '../ui/NameInPlace'
import { RemovedList } from '../ui/RemovedList'
import { useRemoval } from '../ui/useRemoval'
import classes from './Desk.module.css'

const FEW = 12

const at = (id: number) => ({ params: { path: { id } } })
const restore = (id: number) => client.POST('/api/questions/{id}/restoration', at(id))

/** The teacher's questions: opened, renamed, removed and brought back. */
export function Questions() {
  const { t } = useTranslation()
  const queries = useQueryClient()
  const [find, setFind] = useState('')
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
  if (questions.isLoadingError)
    return <Failed error={questions.error} onRetry={() => void questions.refetch()} />
  if (questions.isPending) return <Loading />
  const wanted = find.trim().toLowerCase()
  const found = questions.data.filter((one) =>
    [one.title, one.notation].some((text) => text.toLowerCase().includes(wanted)),
  )
  const rename = async (id: number, title: string) => {
    await client.PUT('/api/questions/{id}/title', { ...at(id), body: { title } })
    await refresh()
  }
  return (
    <>
      {questions.data.length === 0 && <Empty text={t('question.none')} />}
      {questions.data.length > FEW && (
        <TextInput
          label={t('classes.find')}
          mb="sm"
          value={find}
          onChange={(event) => setFind(event.currentTarget.value)}
        />
      )}
      <ul className={classes.list}>
        {found.map((one) => (
          <li key={one.id} className={classes.row}>
            <NameInPlace name={one.title} maxLength={120} onRename={(title) => rename(one.id, title)}>
              <Anchor component={Link} to={`/workbench/${one.id}`} className={classes.item}>
                <Text fw={600}>{one.title}</Text>
                <Text c="dimmed" fz="xs">
                  <span className={classes.notation}>{one.notation}</span> ·{' '}
                  {t('chart.marks', { count: one.marks })}
                </Text>
              </Anchor>
            </NameInPlace>
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
