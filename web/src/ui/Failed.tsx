import { Button, Stack, Text } from '@mantine/core'
import { useTranslation } from 'react-i18next'
import { ProblemError } from '../api/client'

/** What cannot be done as it stands: asking for the same again does not help. */
const UNPROCESSABLE = 422

/** Something could not be fetched: what the server says, or that it cannot be reached, and a way on. */
export function Failed({ error, onRetry }: { error: Error; onRetry: () => void }) {
  const { t } = useTranslation()
  const refused = error instanceof ProblemError && error.problem.status === UNPROCESSABLE
  return (
    <Stack p="lg" align="flex-start" role="alert">
      <Text>{error.message}</Text>
      {!refused && (
        <Button variant="default" onClick={onRetry}>
          {t('ui.retry')}
        </Button>
      )}
    </Stack>
  )
}
