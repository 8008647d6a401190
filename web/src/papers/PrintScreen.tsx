import { Alert, Button, Stack, Text } from '@mantine/core'
import { useQuery } from '@tanstack/react-query'
import { useEffect, useState } from 'react'
import { useTranslation } from 'react-i18next'
import { useParams } from 'react-router'
import { client } from '../api/client'
import { printQuery } from '../api/queries'
import { Failed } from '../ui/Failed'
import { Loading } from '../ui/Loading'
import { PrintUnderWay } from '../ui/PrintUnderWay'
import { Screen } from '../ui/Screen'

/** A long document that was asked for as a file: how far it is, and then the file in its place. */
export default function PrintScreen() {
  const { t } = useTranslation()
  const id = Number(useParams().printId)
  const [stopped, setStopped] = useState(false)
  const asked = useQuery({ ...printQuery(id), enabled: !stopped })
  const job = asked.data
  const file = `/api/prints/${id}/file.pdf`
  const done = job?.state === 'done'
  useEffect(() => {
    if (done) window.location.replace(file)
  }, [done, file])
  const stop = () => {
    setStopped(true)
    void client.DELETE('/api/prints/{id}', { params: { path: { id } } })
  }
  return (
    <Screen title={job?.name ?? t('print.one')}>
      <Stack align="flex-start">
        {stopped ? (
          <Text role="status">{t('print.stopped')}</Text>
        ) : asked.isLoadingError ? (
          <Failed error={asked.error} onRetry={() => void asked.refetch()} />
        ) : !job ? (
          <Loading />
        ) : done ? (
          <Button component="a" href={file}>
            {t('print.open')}
          </Button>
        ) : job.state === 'failed' ? (
          <Alert color="red" variant="outline" role="alert">
            {t('print.failed')}
          </Alert>
        ) : (
          <>
            <PrintUnderWay job={job} />
            <Button variant="default" onClick={stop}>
              {t('print.stop')}
            </Button>
          </>
        )}
      </Stack>
    </Screen>
  )
}
