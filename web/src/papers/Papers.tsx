import { ActionIcon, Anchor, Button, Menu, Text } from '@mantine/core'
import { IconDots } from '@tabler/icons-react'
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { useTranslation } from 'react-i18next'
import { Link, useNavigate } from 'react-router'
import { body, client, type Schemas } from '../api/client'
import { papersQuery, removedPapersQuery } from '../api/queries'
import list from '../desk/Desk.module.css'
import { Empty } from '../ui/Empty'
import { Failed } from '../ui/Failed'
import { Loading } from '../ui/Loading'
import { notify, notifyFailure } from '../ui/notify'
import { RemoveButton } from '../ui/RemoveButton'
import { RemovedList } from '../ui/RemovedList'
import { Screen } from '../ui/Screen'
import { useFind } from '../ui/useFind'
import { useRemoval } from '../ui/useRemoval'
import { PackageMenu } from './PackageMenu'

type Summary = Schemas['PaperSummary']

const at = (id: number) => ({ params: { path: { id } } })
const restore = (id: number) => client.POST('/api/papers/{id}/restoration', at(id))

/** The teacher's papers: opened, copied, removed and brought back; and the making of one. */
export default function Papers() {
  const { t } = useTranslation()
  const queries = useQueryClient()
  const navigate = useNavigate()
  const papers = useQuery(papersQuery)
  const removed = useQuery(removedPapersQuery)
  const refresh = () => queries.invalidateQueries({ queryKey: ['papers'] })
  const make = useMutation({
    mutationFn: () =>
      body(client.POST('/api/papers', { body: { title: t('papers.untitled'), questions: [] } })),
    onSuccess: (made) => void navigate(`/papers/${made.id}`),
    onError: notifyFailure,
  })
  const remove = useRemoval<Summary>({
    remove: ({ id }) => client.DELETE('/api/papers/{id}', at(id)),
    bringBack: ({ id }) => restore(id),
    nameOf: ({ title }) => title,
    said: (title) => t('papers.removed', { title }),
    onDone: () => void refresh(),
  })
  const { found, field } = useFind({ things: papers.data, textsOf: ({ title }) => [title] })
  return (
    <Screen
      title={t('papers.title')}
      actions={
        <>
          <PackageMenu />
          <Button loading={make.isPending} onClick={() => make.mutate()}>
            {t('papers.new')}
          </Button>
        </>
      }
    >
      {papers.isLoadingError && <Failed error={papers.error} onRetry={() => void papers.refetch()} />}
      {papers.isPending && <Loading />}
      {papers.data?.length === 0 && <Empty text={t('papers.none')} />}
      {field}
      <ul className={list.list}>
        {found.map((one) => (
          <li key={one.id} className={list.row}>
            <Anchor component={Link} to={`/papers/${one.id}`} className={list.item}>
              <Text fw={600}>{one.title}</Text>
              <Text c="dimmed" fz="xs">
                {[
                  t('papers.questions', { count: one.questions }),
                  t('chart.marks', { count: one.marks }),
                  ...(one.minutes ? [t('papers.minutes', { count: one.minutes })] : []),
                ].join(' · ')}
              </Text>
            </Anchor>
            <PaperCopies paper={one} onDone={refresh} />
            <RemoveButton
              label={t('papers.remove', { title: one.title })}
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
    </Screen>
  )
}

/** Copies a paper as it is, or with new values: last year's for this year. */
function PaperCopies({ paper, onDone }: { paper: Summary; onDone: () => Promise<unknown> }) {
  const { t } = useTranslation()
  const copy = useMutation({
    mutationFn: (newValues: boolean) =>
      body(client.POST('/api/papers/{id}/copies', { ...at(paper.id), body: { newValues } })),
    onSuccess: ({ title }) => {
      notify(t('papers.copied', { title }))
      return onDone()
    },
    onError: notifyFailure,
  })
  return (
    <Menu position="bottom-end" transitionProps={{ duration: 100 }}>
      <Menu.Target>
        <ActionIcon
          variant="subtle"
          color="gray"
          size={44}
          loading={copy.isPending}
          aria-label={t('papers.menu', { title: paper.title })}
        >
          <IconDots size={18} stroke={1.5} aria-hidden />
        </ActionIcon>
      </Menu.Target>
      <Menu.Dropdown>
        <Menu.Item onClick={() => copy.mutate(false)}>{t('papers.copy')}</Menu.Item>
        <Menu.Item onClick={() => copy.mutate(true)}>{t('papers.copyWithValues')}</Menu.Item>
      </Menu.Dropdown>
    </Menu>
  )
}
