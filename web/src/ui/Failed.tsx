import { Button, Stack, Text } from '@mantine/core'
import { useTranslation } from 'react-i18next'

/** Something could not be fetched: what the server says, or that it cannot be reached, and a way on. */
export function Failed({ error, onRetry }: { error: Error; onRetry: () => void }) {
  const { t } = useTranslation()
  return (
    <Stack p="lg" align="flex-start" role="alert">
      <Text>{error.message}</Text>
      <Button variant="default" onClick={onRetry}>
        {t('ui.retry')}
      </Button>
    </Stack>
  )
}
