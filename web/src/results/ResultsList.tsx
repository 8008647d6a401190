import { Anchor, Text } from '@mantine/core'
import { useQuery } from '@tanstack/react-query'
import { useTranslation } from 'react-i18next'
import { Link, Navigate } from 'react-router'
import { classesQuery } from '../api/queries'
import list from '../desk/Desk.module.css'
import { Empty } from '../ui/Empty'
import { Failed } from '../ui/Failed'
import { Loading } from '../ui/Loading'
import { Screen } from '../ui/Screen'

/** Which class's results; with one class there is nothing to choose. */
export default function ResultsList() {
  const { t } = useTranslation()
  const known = useQuery(classesQuery)
  if (known.isLoadingError) return <Failed error={known.error} onRetry={() => void known.refetch()} />
  if (known.isPending) return <Loading />
  const only = known.data.length === 1 ? known.data[0] : undefined
  if (only) return <Navigate to={`/results/${only.id}`} replace />
  return (
    <Screen title={t('results.title')}>
      {known.data.length === 0 && <Empty text={t('results.none')} />}
      <ul className={list.list}>
        {known.data.map((one) => (
          <li key={one.id}>
            <Anchor component={Link} to={`/results/${one.id}`} className={list.item}>
              <Text fw={600}>{one.name}</Text>
            </Anchor>
          </li>
        ))}
      </ul>
    </Screen>
  )
}
