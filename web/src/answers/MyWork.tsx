import { Anchor, Text } from '@mantine/core'
import { useQuery } from '@tanstack/react-query'
import { useTranslation } from 'react-i18next'
import { Link } from 'react-router'
import type { Schemas } from '../api/client'
import { sessionQuery, workQuery } from '../api/queries'
import list from '../desk/Desk.module.css'
import { Empty } from '../ui/Empty'
import { Failed } from '../ui/Failed'
import { Loading } from '../ui/Loading'
import { Screen } from '../ui/Screen'
import { atMoment } from '../ui/when'
import { sendFromDevice } from './keptAnswers'
import classes from './MyWork.module.css'

const FEW = 6

/** What was handed out to the learner. */
export default function MyWork() {
  const { t } = useTranslation()
  const work = useQuery(workQuery)
  const person = useQuery(sessionQuery).data?.username ?? ''
  const onDevice = useQuery({
    queryKey: ['on-device', person],
    queryFn: () => sendFromDevice(person),
    enabled: person !== '',
    // What lies on the device is looked at each time.
    staleTime: 0,
  })
  if (work.isLoadingError) return <Failed error={work.error} onRetry={() => void work.refetch()} />
  if (work.isPending) return <Loading />
  const handedBack = work.data.filter((one) => one.released)
  // Where there is much of it, finished work is folded away, the latest first.
  const folded = work.data.length > FEW ? handedBack.reverse() : []
  const open = folded.length > 0 ? work.data.filter((one) => !one.released) : work.data
  return (
    <Screen title={t('work.title')}>
      {work.data.length === 0 && <Empty text={t('work.none')} />}
      <WorkList work={open} onDevice={onDevice.data} />
      {folded.length > 0 && (
        <details>
          <Text component="summary" c="dimmed" fz="xs" py={10}>
            {t('work.finished', { count: folded.length })}
          </Text>
          <WorkList work={folded} onDevice={onDevice.data} />
        </details>
      )}
    </Screen>
  )
}

function WorkList({ work, onDevice }: { work: Schemas['WorkSummary'][]; onDevice?: number[] }) {
  const { t } = useTranslation()
  return (
    <ul className={`${list.list} ${classes.narrow}`}>
      {work.map((one) => (
        <li key={one.id}>
          <Anchor
            component={Link}
            to={one.released ? `/work/${one.id}/feedback` : `/work/${one.id}`}
            className={`${list.item} ${classes.item}`}
          >
            <span>
              <Text fw={600}>{one.title}</Text>
              <Text c="dimmed" fz="xs">
                {one.classroom} · {t('work.due', { due: atMoment(one.dueAt) })}
              </Text>
              {one.again && one.state !== 'sent' && (
                <Text c="copper" fz="xs">
                  {t('work.again', { number: one.attempt })}
                </Text>
              )}
              {one.changedAt && (
                <Text c="copper" fz="xs">
                  {t('work.changed', { time: atMoment(one.changedAt) })}
                </Text>
              )}
              {onDevice?.includes(one.id) && (
                <Text c="copper" fz="xs">
                  {t('work.onDevice')}
                </Text>
              )}
            </span>
            <Text c="dimmed" ta="right">
              {one.marks !== null
                ? t('work.marks', { marks: one.marks, total: one.total })
                : t(`work.state.${one.state}`)}
            </Text>
          </Anchor>
        </li>
      ))}
    </ul>
  )
}
