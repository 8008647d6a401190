import { Group, Loader, Text } from '@mantine/core'
import { useTranslation } from 'react-i18next'
import type { Schemas } from '../api/client'

/** One long document that is being set, or waits for its turn. */
export function PrintUnderWay({ job }: { job: Schemas['JobView'] }) {
  const { t } = useTranslation()
  return (
    <Group gap="sm" role="status">
      <Loader size="sm" aria-hidden />
      <Text>{t(job.state === 'waiting' ? 'print.waits' : 'print.setting')}</Text>
    </Group>
  )
}
