import { Alert, Anchor, Button, Checkbox, Group, Modal, Progress, Stack, Text } from '@mantine/core'
import { useMutation, useQuery } from '@tanstack/react-query'
import { useEffect, useState } from 'react'
import { useTranslation } from 'react-i18next'
import { body, client, type Schemas } from '../api/client'
import { printQuery } from '../api/queries'
import { announce } from '../ui/announce'
import { takeFocus } from '../ui/takeFocus'

const PAGES = ['paper', 'answers', 'memo'] as const

interface PrintDialogProps {
  assignment: Schemas['AssignmentSummary']
  onClose: () => void
}

/** Prints what was handed out: a copy for each learner and the memos, as one file; or one page-set for anybody. */
export function PrintDialog({ assignment, onClose }: PrintDialogProps) {
  const { t } = useTranslation()
  const [what, setWhat] = useState<string[]>(['paper', 'memo'])
  const [named, setNamed] = useState(true)
  const start = useMutation({
    mutationFn: () =>
      body(
        client.POST('/api/assignments/{id}/prints', {
          params: { path: { id: assignment.id } },
          body: { what, named },
        }),
      ),
  })
  const job = useQuery({ ...printQuery(start.data?.id ?? 0), enabled: !!start.data }).data ?? start.data
  const underWay = job?.state === 'waiting' || job?.state === 'running'
  const done = job?.state === 'done'
  useEffect(() => {
    if (done) announce(t('print.done'))
  }, [done, t])
  const stop = () => {
    if (job) void client.DELETE('/api/prints/{id}', { params: { path: { id: job.id } } })
    start.reset()
  }
  return (
    <Modal
      opened
      onClose={() => {
        if (underWay) stop()
        onClose()
      }}
      title={t('print.title', { title: assignment.title })}
      closeButtonProps={{ 'aria-label': t('ui.close') }}
    >
      <Stack>
        <Checkbox.Group
          label={t('print.forClass', { classroom: assignment.classroom })}
          value={what}
          onChange={setWhat}
        >
          <Stack gap="xs" mt="xs">
            {PAGES.map((one, place) => (
              <Checkbox
                key={one}
                value={one}
                label={t(`print.what.${one}`)}
                disabled={underWay}
                data-autofocus={place === 0 || undefined}
              />
            ))}
          </Stack>
        </Checkbox.Group>
        <Checkbox
          label={t('print.named')}
          checked={named}
          disabled={underWay}
          onChange={(event) => setNamed(event.currentTarget.checked)}
        />
        {start.isError && (
          <Alert color="red" variant="outline" role="alert">
            {start.error.message}
          </Alert>
        )}
        {job && (underWay || done) && (
          <div>
            <Progress
              value={(100 * job.done) / job.total}
              aria-label={t('print.progress')}
              aria-valuetext={t('print.progressOf', { ...job })}
            />
            <Text c="dimmed" fz="xs" mt={4}>
              {t('print.progressOf', { ...job })}
            </Text>
          </div>
        )}
        {job?.state === 'failed' && (
          <Alert color="red" variant="outline" role="alert">
            {t('print.failed')}
          </Alert>
        )}
        <Group>
          {underWay ? (
            <Button variant="default" onClick={stop}>
              {t('print.stop')}
            </Button>
          ) : done ? (
            <Button
              component="a"
              href={`/api/prints/${job.id}/file.pdf`}
              target="_blank"
              rel="noreferrer"
              ref={takeFocus}
            >
              {t('print.open')}
            </Button>
          ) : (
            <Button loading={start.isPending} disabled={what.length === 0} onClick={() => start.mutate()}>
              {t('print.start')}
            </Button>
          )}
        </Group>
        <Text c="dimmed" fz="xs">
          {t('print.single')}{' '}
          {PAGES.map((one) => (
            <span key={one}>
              <Anchor
                href={`/api/assignments/${assignment.id}/${one}.pdf`}
                target="_blank"
                rel="noreferrer"
                underline="always"
                fz="xs"
              >
                {t(`print.what.${one}`)}
              </Anchor>{' '}
            </span>
          ))}
        </Text>
      </Stack>
    </Modal>
  )
}
