import { Alert, Button, Stack } from '@mantine/core'
import { useQuery } from '@tanstack/react-query'
import { useEffect } from 'react'
import { useTranslation } from 'react-i18next'
import type { Schemas } from '../api/client'
import { printQuery } from '../api/queries'
import { PrintUnderWay } from '../ui/PrintUnderWay'

/** In the place of pages that are still being set; tells when they are there, or their print is gone. */
export function PagesBeingSet({ print, onThere }: { print: Schemas['JobView']; onThere: () => void }) {
  const { t } = useTranslation()
  const asked = useQuery({ ...printQuery(print.id), retry: false })
  const job = asked.data ?? print
  const there = job.state === 'done' || asked.isError
  useEffect(() => {
    if (there) onThere()
    // What is to be done then is the same for one print.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [there, print.id])
  if (job.state !== 'failed') return <PrintUnderWay job={job} />
  return (
    <Stack align="flex-start">
      <Alert color="red" variant="outline" role="alert">
        {t('print.failed')}
      </Alert>
      <Button variant="default" onClick={onThere}>
        {t('ui.retry')}
      </Button>
    </Stack>
  )
}
