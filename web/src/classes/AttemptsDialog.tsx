import { Button, Checkbox, Group, Modal, NativeSelect, Stack, Text, TextInput } from '@mantine/core'
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { useState, type FormEvent } from 'react'
import { useTranslation } from 'react-i18next'
import { body, client, type Schemas } from '../api/client'
import { attemptsQuery } from '../api/queries'
import { Failed } from '../ui/Failed'
import { Loading } from '../ui/Loading'
import { notify, notifyAndOffer, notifyFailure } from '../ui/notify'
import { atMoment, forField } from '../ui/when'
import classes from './AttemptsDialog.module.css'
import { usualDue } from './HandOutForm'

interface AttemptsDialogProps {
  assignmentId: number
  onClose: () => void
}

/** Lets learners try again, and says which attempt counts. */
export function AttemptsDialog({ assignmentId, onClose }: AttemptsDialogProps) {
  const { t } = useTranslation()
  const attempts = useQuery({ ...attemptsQuery(assignmentId), staleTime: 0 })
  return (
    <Modal
      opened
      size="lg"
      onClose={onClose}
      title={t('attempts.title')}
      closeButtonProps={{ 'aria-label': t('ui.close') }}
    >
      {attempts.isLoadingError && <Failed error={attempts.error} onRetry={() => void attempts.refetch()} />}
      {attempts.isPending && <Loading />}
      {attempts.data && <AttemptsForm view={attempts.data} onClose={onClose} />}
    </Modal>
  )
}

function AttemptsForm({ view, onClose }: { view: Schemas['AttemptsView']; onClose: () => void }) {
  const { t } = useTranslation()
  const { assignment, learners, variants } = view
  const [chosen, setChosen] = useState<number[]>([])
  const [due, setDue] = useState(() => forField(usualDue(new Date())))
  const [shown, setShown] = useState(true)
  const [others, setOthers] = useState(assignment.released && variants > 1)
  const [counts, setCounts] = useState(assignment.counts)
  const { allow } = useAttempts(view, onClose)
  const free = learners.filter((one) => !isOpen(one))
  const below = free.filter((one) => (one.marks ?? 0) * 2 < assignment.total)
  const opened = learners.filter((one) => isOpen(one) && chosen.includes(one.learner.id))
  const words =
    chosen.length === 0
      ? 'attempts.save'
      : opened.length === chosen.length
        ? 'attempts.move'
        : 'attempts.allow'
  const unchanged = chosen.length === 0 && counts === assignment.counts
  const choose = (some: Schemas['Trier'][]) => setChosen(some.map((one) => one.learner.id))
  const submit = (event: FormEvent) => {
    event.preventDefault()
    allow.mutate({
      learners: chosen,
      ...(chosen.length > 0 && { dueAt: new Date(due).toISOString() }),
      shown,
      otherValues: others,
      counts,
    })
  }
  return (
    <form onSubmit={submit}>
      <Stack>
        <Text>{t('attempts.about', { title: assignment.title })}</Text>
        <Checkbox.Group
          label={t('attempts.who')}
          value={chosen.map(String)}
          onChange={(ids) => setChosen(ids.map(Number))}
        >
          <Group gap="xs" my={4}>
            {free.length > 0 && (
              <Button size="compact-sm" variant="default" onClick={() => choose(free)}>
                {t('attempts.all', { count: free.length })}
              </Button>
            )}
            {below.length > 0 && below.length < free.length && (
              <Button size="compact-sm" variant="default" onClick={() => choose(below)}>
                {t('attempts.below', { count: below.length })}
              </Button>
            )}
            {chosen.length > 0 && (
              <Button size="compact-sm" variant="default" onClick={() => choose([])}>
                {t('attempts.none')}
              </Button>
            )}
          </Group>
          <div className={classes.learners} tabIndex={0} role="group" aria-label={t('attempts.who')}>
            {learners.map((one) => (
              <LearnerRow key={one.learner.id} one={one} view={view} onDone={onClose} />
            ))}
          </div>
        </Checkbox.Group>
        <Group grow align="start">
          <TextInput
            type="datetime-local"
            label={t('handOut.due')}
            value={due}
            onChange={(event) => setDue(event.currentTarget.value)}
            required={chosen.length > 0}
            withAsterisk={false}
          />
          <NativeSelect
            label={t('attempts.counts')}
            value={counts}
            onChange={(event) => setCounts(event.currentTarget.value as typeof counts)}
            data={(['best', 'last'] as const).map((value) => ({ value, label: t(`attempts.${value}`) }))}
          />
        </Group>
        {variants > 1 && (
          <Checkbox
            label={t('attempts.others')}
            description={t('attempts.othersWhy')}
            checked={others}
            onChange={(event) => setOthers(event.currentTarget.checked)}
          />
        )}
        <Checkbox
          label={t('attempts.shown')}
          description={t('attempts.shownWhy')}
          checked={shown || assignment.released}
          disabled={assignment.released}
          onChange={(event) => setShown(event.currentTarget.checked)}
        />
        {allow.isError && (
          <Text c="var(--mantine-color-error)" role="alert">
            {allow.error.message}
          </Text>
        )}
        <Group justify="flex-end">
          <Button variant="default" onClick={onClose}>
            {t('ui.cancel')}
          </Button>
          <Button type="submit" loading={allow.isPending} disabled={unchanged}>
            {t(words, { count: chosen.length })}
          </Button>
        </Group>
      </Stack>
    </form>
  )
}

/** Whether somebody can write already. */
const isOpen = ({ again }: Schemas['Trier']) => again === 'not-begun' || again === 'working'

interface LearnerRowProps {
  one: Schemas['Trier']
  view: Schemas['AttemptsView']
  onDone: () => void
}

function LearnerRow({ one, view, onDone }: LearnerRowProps) {
  const { t } = useTranslation()
  const { assignment } = view
  const { takeBack } = useAttempts(view, onDone)
  const words = [
    one.marks === null
      ? t('attempts.nothingSent')
      : t('sheet.marks', { marks: one.marks, total: assignment.total }),
    ...(one.again
      ? [t(`attempts.again.${one.again}`, { number: one.number, due: atMoment(one.dueAt ?? '') })]
      : one.number > 1
        ? [t('attempts.number', { number: one.number })]
        : []),
  ]
  return (
    <Group justify="space-between" wrap="nowrap" gap="xs" py={4}>
      <Checkbox
        value={String(one.learner.id)}
        label={one.learner.displayName}
        description={words.join(' · ')}
      />
      {one.again === 'not-begun' && (
        <Button
          size="compact-sm"
          variant="default"
          aria-label={t('attempts.takeBackOf', { name: one.learner.displayName })}
          onClick={() => takeBack.mutate([one.learner.id])}
        >
          {t('attempts.takeBack')}
        </Button>
      )}
    </Group>
  )
}

/** Allowing further attempts, giving them another time, and taking back what nobody has begun. */
function useAttempts(view: Schemas['AttemptsView'], onDone: () => void) {
  const { t } = useTranslation()
  const queries = useQueryClient()
  const path = { id: view.assignment.id }
  const inHand = new Set(view.learners.filter(isOpen).map((one) => one.learner.id))
  const refresh = () => queries.invalidateQueries({ queryKey: ['assignments'] })
  const takeBack = useMutation({
    mutationFn: (learners: number[]) =>
      client.DELETE('/api/assignments/{id}/attempts', { params: { path, query: { learners } } }),
    onSuccess: (_, learners) => {
      void refresh()
      notify(t('attempts.takenBack', { count: learners.length }))
    },
    onError: notifyFailure,
  })
  const allow = useMutation({
    mutationFn: (allowance: Schemas['Allowance']) =>
      body(client.POST('/api/assignments/{id}/attempts', { params: { path }, body: allowance })),
    onSuccess: (_, { learners, counts }) => {
      void refresh()
      onDone()
      const fresh = learners.filter((id) => !inHand.has(id))
      if (learners.length === 0) notify(t(`attempts.now.${counts}`))
      else if (fresh.length === 0) notify(t('attempts.moved', { count: learners.length }))
      else
        notifyAndOffer(t('attempts.allowed', { count: fresh.length }), t('ui.undo'), () =>
          takeBack.mutate(fresh),
        )
    },
  })
  return { allow, takeBack }
}
