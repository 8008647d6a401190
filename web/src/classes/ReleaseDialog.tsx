import { Button, Group, Modal, Stack, Text } from '@mantine/core'
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { useTranslation } from 'react-i18next'
import { client, ProblemError, type Schemas } from '../api/client'
import { assignmentQuery } from '../api/queries'
import { Failed } from '../ui/Failed'
import { Loading } from '../ui/Loading'
import { notify, notifyAndOffer, notifyFailure } from '../ui/notify'
import { takeFocus } from '../ui/takeFocus'
import { atClock } from '../ui/when'

interface ReleaseDialogProps {
  assignmentId: number
  onClose: () => void
}

const at = (id: number) => ({ params: { path: { id } } })

/** Asks before an assignment is handed back: who is still working, and what becomes of their sheets. */
export function ReleaseDialog({ assignmentId, onClose }: ReleaseDialogProps) {
  const { t } = useTranslation()
  const view = useQuery({ ...assignmentQuery(assignmentId), staleTime: 0, refetchInterval: 5_000 })
  const { release } = useRelease(onClose)
  return (
    <Modal
      opened
      onClose={onClose}
      title={t('assignment.release')}
      closeButtonProps={{ 'aria-label': t('ui.close') }}
    >
      {view.isLoadingError && <Failed error={view.error} onRetry={() => void view.refetch()} />}
      {view.isPending && <Loading />}
      {view.data && (
        <Stack>
          <Text>{t('assignment.releaseAsk', { title: view.data.assignment.title })}</Text>
          <NotBegun
            assignment={view.data.assignment}
            workingAgain={view.data.learners.filter((one) => one.again === 'working').length}
          />
          {view.data.working.length > 0 && <Working working={view.data.working} />}
          {release.isError && (
            <Text c="var(--mantine-color-error)" role="alert">
              {release.error.message}
            </Text>
          )}
          <Group justify="flex-end">
            <Button variant="default" onClick={onClose} ref={takeFocus}>
              {t(view.data.working.length > 0 ? 'assignment.wait' : 'ui.cancel')}
            </Button>
            <Button
              loading={release.isPending}
              onClick={() =>
                release.mutate({
                  assignment: view.data.assignment,
                  collect: view.data.working.length > 0,
                })
              }
            >
              {view.data.working.length > 0
                ? t('assignment.collect', { count: view.data.working.length })
                : t('assignment.release')}
            </Button>
          </Group>
        </Stack>
      )}
    </Modal>
  )
}

interface NotBegunProps {
  assignment: Schemas['AssignmentSummary']
  /** How many have begun a further attempt. */
  workingAgain: number
}

function NotBegun({ assignment, workingAgain }: NotBegunProps) {
  const { t } = useTranslation()
  const count = assignment.released ? 0 : assignment.learners - assignment.sent - assignment.working
  const again = assignment.again - workingAgain
  return (
    <>
      {count > 0 && <Text>{t('assignment.releaseNotBegun', { count })}</Text>}
      {again > 0 && <Text>{t('assignment.releaseAgain', { count: again })}</Text>}
    </>
  )
}

function Working({ working }: { working: Schemas['WorkingView'][] }) {
  const { t } = useTranslation()
  return (
    <div>
      <Text>{t('assignment.releaseWorking', { count: working.length })}</Text>
      <ul>
        {working.map((one) => (
          <li key={one.learner.id}>
            {t('assignment.workingOn', {
              name: one.learner.displayName,
              filled: one.filled,
              boxes: one.boxes,
              time: atClock(one.keptAt),
            })}
          </li>
        ))}
      </ul>
    </div>
  )
}

/** Where much was written it is marked first; so often it is asked whether that is done. */
const MOST_ASKED = 120
const ASKED_AGAIN_MS = 1_000

const isBeingMarked = (error: Error) => error instanceof ProblemError && error.problem.reason === 'marking'

/** So long the server lets a release be taken back. */
const SECOND_THOUGHTS_MS = 60_000

export const canBeTakenBack = (assignment: Schemas['AssignmentSummary']) =>
  !!assignment.releasedAt && Date.now() - Date.parse(assignment.releasedAt) < SECOND_THOUGHTS_MS

/** Handing back, and taking it back within a minute. */
export function useRelease(onDone: () => void = () => undefined) {
  const { t } = useTranslation()
  const queries = useQueryClient()
  const refresh = () => queries.invalidateQueries({ queryKey: ['assignments'] })
  const takeBack = useMutation({
    mutationFn: (id: number) => client.DELETE('/api/assignments/{id}/release', at(id)),
    onSuccess: () => {
      void refresh()
      notify(t('assignment.takenBack'))
    },
    onError: notifyFailure,
  })
  const release = useMutation({
    mutationFn: ({ assignment, collect }: { assignment: Schemas['AssignmentSummary']; collect: boolean }) =>
      client.POST('/api/assignments/{id}/release', { ...at(assignment.id), body: { collect } }),
    retry: (times, error) => times < MOST_ASKED && isBeingMarked(error),
    retryDelay: ASKED_AGAIN_MS,
    onSuccess: (_, { assignment }) => {
      void refresh()
      onDone()
      notifyAndOffer(t('assignment.isBack', { title: assignment.title }), t('assignment.takeBack'), () =>
        takeBack.mutate(assignment.id),
      )
    },
    // Somebody may have begun meanwhile: the dialog then shows who.
    onError: () => void refresh(),
  })
  return { release, takeBack }
}
