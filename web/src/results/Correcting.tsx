import { Anchor, Button, Progress, Text, Title } from '@mantine/core'
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { useRef, useState, type Ref } from 'react'
import { useTranslation } from 'react-i18next'
import { Link, useParams, useSearchParams } from 'react-router'
import { body, client, type Schemas } from '../api/client'
import { assignmentQuery, correctionsQuery } from '../api/queries'
import { Failed } from '../ui/Failed'
import { Loading } from '../ui/Loading'
import { notify } from '../ui/notify'
import { Screen } from '../ui/Screen'
import { useCorrectionSaid } from '../ui/useCorrectionSaid'
import { atMoment } from '../ui/when'
import classes from './Correcting.module.css'
import { CorrectionForm } from './CorrectionForm'
import { CorrectionPreview } from './CorrectionPreview'

type Correction = Schemas['Correction']
type View = Schemas['CorrectionView']

/** Putting right what was handed out: first what that would change, then for all sheets, with what was put right before. */
export default function Correcting() {
  const { t } = useTranslation()
  const { classId, assignmentId } = useParams()
  const id = Number(assignmentId)
  const [search] = useSearchParams()
  const assignment = useQuery(assignmentQuery(id))
  const view = useQuery(correctionsQuery(id))
  const history = useRef<HTMLHeadingElement>(null)
  // The form is made anew then, and what was done stands under it.
  const correcting = useCorrecting(id, view.data, () => setTimeout(() => history.current?.focus()))
  const failed = [assignment, view].find((one) => one.isLoadingError)
  if (failed) return <Failed error={failed.error!} onRetry={() => void failed.refetch()} />
  if (!assignment.data || !view.data) return <Loading />
  const { title, classroom, released } = assignment.data.assignment
  return (
    <Screen
      title={t('correct.title', { title })}
      aside={classroom}
      actions={
        <Anchor component={Link} to={`/results/${classId}/${id}`}>
          {t('review.back')}
        </Anchor>
      }
    >
      <Remarking view={view.data} />
      <div className={classes.columns}>
        <div>
          <CorrectionForm
            key={view.data.revision}
            view={view.data}
            box={search.get('box') ?? ''}
            looked={correcting.looked !== undefined}
            takingBack={correcting.looked?.correction.kind === 'back'}
            looking={correcting.look.isPending}
            error={correcting.look.error ?? correcting.apply.error}
            applying={correcting.apply.isPending}
            onLook={(correction) => correcting.look.mutate(correction)}
            onChange={correcting.change}
            onApply={(reason) => correcting.apply.mutate(reason)}
          />
          <History
            ref={history}
            view={view.data}
            onTakeBack={() => correcting.look.mutate({ kind: 'back' })}
          />
        </div>
        {correcting.looked && <CorrectionPreview preview={correcting.looked} released={released} />}
      </div>
    </Screen>
  )
}

/** Looking at a correction, and making it. */
function useCorrecting(id: number, view: View | undefined, onDone: () => void) {
  const { t } = useTranslation()
  const queries = useQueryClient()
  const path = { params: { path: { id } } }
  const [looked, setLooked] = useState<Schemas['Preview']>()
  const look = useMutation({
    mutationFn: (correction: Correction) =>
      body(client.POST('/api/assignments/{id}/corrections/preview', { ...path, body: correction })),
    onMutate: () => apply.reset(),
    onSuccess: setLooked,
  })
  const apply = useMutation({
    mutationFn: (reason: string) =>
      body(
        client.POST('/api/assignments/{id}/corrections', {
          ...path,
          body: { correction: looked!.correction, reason, revision: view!.revision },
        }),
      ),
    onSuccess: (after) => {
      setLooked(undefined)
      queries.setQueryData(correctionsQuery(id).queryKey, after)
      void queries.invalidateQueries({ queryKey: ['assignments'] })
      notify(t('correct.done'))
      onDone()
    },
    onError: () => void queries.invalidateQueries({ queryKey: correctionsQuery(id).queryKey }),
  })
  const change = () => {
    look.reset()
    apply.reset()
    setLooked(undefined)
  }
  return { looked, look, apply, change }
}

/** How many sheets are marked by the memo as it is now, while some are not. */
function Remarking({ view }: { view: View }) {
  const { t } = useTranslation()
  const running = view.done < view.of
  return (
    <div role="status">
      {running && (
        <>
          <Text>{t('correct.running', { done: view.done, of: view.of })}</Text>
          <Progress value={(100 * view.done) / view.of} aria-label={t('correct.running', view)} mb="md" />
        </>
      )}
      {!running && view.revision > 0 && (
        <Text c="dimmed" mb="sm">
          {t('correct.ready')}
        </Text>
      )}
    </div>
  )
}

interface HistoryProps {
  /** Its heading. */
  ref: Ref<HTMLHeadingElement>
  view: View
  onTakeBack: () => void
}

function History({ ref, view, onTakeBack }: HistoryProps) {
  const { t } = useTranslation()
  const said = useCorrectionSaid()
  return (
    <section>
      <Title order={2} mt="xl" mb="xs" ref={ref} tabIndex={-1}>
        {t('correct.history')}
      </Title>
      {view.history.length === 0 && <Text c="dimmed">{t('correct.none')}</Text>}
      <ol className={classes.history}>
        {view.history.map((entry, place) => (
          <li key={entry.revision} data-taken-back={entry.takenBack}>
            <Text>
              {said(entry)}
              {entry.takenBack && ` (${t('correct.takenBack')})`}
            </Text>
            <Text size="sm" c="dimmed">
              {t('correction.reason', { reason: entry.reason })}{' '}
              {t('correct.by', { by: entry.by, at: atMoment(entry.at) })}
            </Text>
            {place === 0 && (
              <Button variant="subtle" size="compact-md" onClick={onTakeBack}>
                {t('correct.takeBack')}
              </Button>
            )}
          </li>
        ))}
      </ol>
    </section>
  )
}
