import { Anchor, Text, Title } from '@mantine/core'
import { useQuery, useQueryClient } from '@tanstack/react-query'
import { useTranslation } from 'react-i18next'
import { Link } from 'react-router'
import { client, type Schemas } from '../api/client'
import { draftsQuery, removedDraftsQuery } from '../api/queries'
import { RemoveButton } from '../ui/RemoveButton'
import { RemovedList } from '../ui/RemovedList'
import { useRemoval } from '../ui/useRemoval'
import { atMoment } from '../ui/when'
import classes from './Desk.module.css'

const at = (id: number) => ({ params: { path: { id } } })
const restore = (id: number) => client.POST('/api/question-drafts/{id}/restoration', at(id))

/** Questions that were begun on the workbench and not kept under a name yet. */
export function Drafts() {
  const { t } = useTranslation()
  const queries = useQueryClient()
  const drafts = useQuery(draftsQuery)
  const removed = useQuery(removedDraftsQuery)
  const refresh = () => queries.invalidateQueries({ queryKey: ['drafts'] })
  const remove = useRemoval<Schemas['DraftSummary']>({
    remove: ({ id }) => client.DELETE('/api/question-drafts/{id}', at(id)),
    bringBack: ({ id }) => restore(id),
    nameOf: ({ notation }) => notation,
    said: (title) => t('question.removed', { title }),
    onDone: () => void refresh(),
  })
  const things = (removed.data ?? []).map(({ id, notation }) => ({ id, name: notation }))
  if (!drafts.data?.length && things.length === 0) return null
  return (
    <>
      <Title order={2} mt="lg" mb="xs">
        {t('desk.drafts')}
      </Title>
      <ul className={classes.list}>
        {drafts.data?.map((one) => (
          <li key={one.id} className={classes.row}>
            <Anchor component={Link} to={`/workbench?draft=${one.id}`} className={classes.item}>
              <Text className={classes.notation} truncate>
                {one.notation || t('desk.emptySheet')}
              </Text>
              <Text c="dimmed" fz="xs">
                {t('desk.tasks', { count: one.tasks })} · {atMoment(one.updatedAt)}
              </Text>
            </Anchor>
            <RemoveButton
              label={t('question.remove', { title: one.notation })}
              onRemove={() => remove.mutate(one)}
            />
          </li>
        ))}
      </ul>
      <RemovedList
        things={things}
        onBringBack={async (id) => {
          await restore(id)
          await refresh()
        }}
      />
    </>
  )
}
