import { Center, Loader } from '@mantine/core'
import { useTranslation } from 'react-i18next'

/** Something is on its way. */
export function Loading() {
  const { t } = useTranslation()
  return (
    <Center p="xl" mih={200}>
      <Loader size="sm" role="status" aria-label={t('ui.loading')} />
    </Center>
  )
}
