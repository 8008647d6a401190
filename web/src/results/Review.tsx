import { Anchor, Button, NativeSelect, Text } from '@mantine/core'
import { useHotkeys } from '@mantine/hooks'
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { useEffect, useRef, useState } from 'react'
import { useTranslation } from 'react-i18next'
import { Link, useNavigate, useParams, useSearchParams } from 'react-router'
import { body, client, type Schemas } from '../api/client'
import { reviewQuery } from '../api/queries'
import { Failed } from '../ui/Failed'
import { Loading } from '../ui/Loading'
import { notifyAndOffer, notifyFailure } from '../ui/notify'
import { Screen } from '../ui/Screen'
import { AlikeRow } from './AlikeRow'
import classes from './Review.module.css'

type Alike = Schemas['Alike']
type Giving = Pick<Schemas['Giving'], 'learners' | 'points' | 'reason'>

const DIGITS = Array.from({ length: 10 }, (_, digit) => digit)

/** The answers of a class to one box, equal ones together: what each earns can be changed by one key, and back. */
export default function Review() {
  const { classId, assignmentId } = useParams()
  const [search, setSearch] = useSearchParams()
  const id = Number(assignmentId)
  const queries = useQueryClient()
  const box = search.get('box') ?? ''
  const attempt = Number(search.get('attempt')) || 0
  const view = useQuery(reviewQuery(id, box, attempt))
  const found = view.data
  useEffect(() => {
    if (box || !found) return
    // The first that waits is looked for once: it stays the box in hand when it waits no more.
    queries.setQueryData(reviewQuery(id, found.box, attempt).queryKey, found)
    setSearch({ box: found.box }, { replace: true })
  }, [attempt, box, found, id, queries, setSearch])
  if (view.isLoadingError) return <Failed error={view.error} onRetry={() => void view.refetch()} />
  if (view.isPending) return <Loading />
  return (
    <Groups
      key={`${view.data.box} ${view.data.attempt}`}
      view={view.data}
      asked={box}
      classId={Number(classId)}
      onBox={(next, from = attempt) =>
        setSearch({ box: next, ...(from > 0 && { attempt: String(from) }) }, { replace: true })
      }
    />
  )
}

interface GroupsProps {
  view: Schemas['ReviewView']
  /** The box as it stands in the address. */
  asked: string
  classId: number
  /** Goes to a box, in another attempt where one is named. */
  onBox: (box: string, attempt?: number) => void
}

function Groups({ view, asked, classId, onBox }: GroupsProps) {
  const { t } = useTranslation()
  const { assignment, boxes, groups } = view
  const list = useRef<HTMLUListElement>(null)
  const [inHand, setInHand] = useState<number>()
  const { give, undo } = useGiving(view, asked)
  const at = Math.max(
    0,
    groups.findIndex((one) => one.learners.some((learner) => learner.id === inHand)),
  )
  const group = groups[at]
  const place = boxes.findIndex((one) => one.box === view.box)
  const step = (by: number) => boxes[place + by] && onBox(boxes[place + by]!.box)
  // Around the end, so that none is missed.
  const waiting = [...boxes.slice(place + 1), ...boxes.slice(0, place)].find((one) => one.open > 0)
  const choose = (next: number) => {
    const chosen = groups[next]
    if (!chosen) return
    setInHand(chosen.learners[0]?.id)
    list.current?.querySelectorAll<HTMLElement>('[data-group]')[next]?.focus()
  }
  const navigate = useNavigate()
  const memo = `/results/${classId}/${assignment.id}/memo?box=${encodeURIComponent(view.box)}`
  const points = (one: Alike, of: number) => give(one, of, one.given?.reason ?? '')
  useHotkeys([
    ['ArrowDown', () => choose(at + 1)],
    ['ArrowUp', () => choose(at - 1)],
    ['n', () => step(1)],
    ['p', () => step(-1)],
    ['w', () => waiting && onBox(waiting.box)],
    ['u', () => undo()],
    ['m', () => void navigate(memo)],
    ['r', () => list.current?.querySelector<HTMLElement>('[data-reason]')?.focus()],
    ...DIGITS.map((digit): [string, () => void] => [
      String(digit),
      () => group && digit <= view.of && points(group, digit),
    ]),
  ])
  return (
    <Screen
      title={t('review.title', { title: assignment.title })}
      aside={assignment.classroom}
      actions={
        <>
          <Anchor component={Link} to={`/results/${classId}/${assignment.id}`}>
            {t('review.back')}
          </Anchor>
          <Button component={Link} to={memo} variant="default">
            {t('correct.menu')}
          </Button>
          {waiting && (
            <Button variant="default" onClick={() => onBox(waiting.box)}>
              {t('review.waiting', { number: waiting.number })}
            </Button>
          )}
        </>
      }
    >
      <div className={classes.head}>
        <NativeSelect
          label={t('boxes.box')}
          value={view.box}
          onChange={(event) => onBox(event.currentTarget.value)}
          data={boxes.map((one) => ({
            value: one.box,
            label: [
              `${one.number} ${one.name}`,
              ...(one.open > 0 ? [t('review.open', { count: one.open })] : []),
            ].join(' – '),
          }))}
        />
        {view.attempts > 1 && (
          <NativeSelect
            label={t('sheet.attempt')}
            value={view.attempt}
            onChange={(event) => onBox(view.box, Number(event.currentTarget.value))}
            data={[
              { value: '0', label: t('review.lastOfEach') },
              ...Array.from({ length: view.attempts }, (_, place) => ({
                value: String(place + 1),
                label: String(place + 1),
              })),
            ]}
          />
        )}
        <Text>
          {t('review.right', { expected: view.expected })}{' '}
          <Text span c="dimmed">
            {t('review.marks', { count: view.of })}
          </Text>
        </Text>
      </div>
      <Text c="dimmed" size="sm" className={classes.keys}>
        {t('review.keys')} {t('correct.key')}
      </Text>
      {groups.length === 0 && <Text>{t('boxes.nothing')}</Text>}
      <ul ref={list} className={classes.groups}>
        {groups.map((one, row) => (
          <AlikeRow
            key={one.learners[0]?.id}
            group={one}
            of={view.of}
            open={row === at}
            address={`/results/${classId}/${assignment.id}`}
            onChoose={() => choose(row)}
            onGive={(of, reason) => give(one, of, reason)}
          />
        ))}
      </ul>
    </Screen>
  )
}

/** Giving points, and taking the last back; what was given is kept at once, and another teacher's act is told. */
function useGiving(view: Schemas['ReviewView'], asked: string) {
  const { t } = useTranslation()
  const queries = useQueryClient()
  const id = view.assignment.id
  const before = useRef<Giving[]>([])
  const send = useMutation({
    mutationFn: (giving: Giving) =>
      body(
        client.POST('/api/assignments/{id}/overrides', {
          params: { path: { id } },
          body: { box: view.box, attempt: view.attempt, revision: view.revision, ...giving },
        }),
      ),
    onSuccess: (after) => {
      queries.setQueryData(reviewQuery(id, asked, view.attempt).queryKey, after)
      void queries.invalidateQueries({ queryKey: ['assignments'], refetchType: 'none' })
    },
    onError: (error) => {
      notifyFailure(error)
      void queries.invalidateQueries({ queryKey: reviewQuery(id, asked, view.attempt).queryKey })
    },
  })
  const undo = (what = before.current.at(-1)) => {
    if (!what || send.isPending) return
    before.current = before.current.filter((one) => one !== what)
    send.mutate(what)
  }
  const give = (group: Alike, points: number | null, reason: string) => {
    const same = points === (group.given?.points ?? null) && reason === (group.given?.reason ?? '')
    if (send.isPending || same) return
    const learners = group.learners.map((one) => one.id)
    const back = { learners, points: group.given?.points ?? null, reason: group.given?.reason ?? '' }
    before.current.push(back)
    send.mutate(
      { learners, points, reason },
      {
        onSuccess: () =>
          notifyAndOffer(
            points === null
              ? t('review.left', { count: learners.length })
              : t('review.given', { points, of: view.of, count: learners.length }),
            t('ui.undo'),
            () => undo(back),
          ),
      },
    )
  }
  return { give, undo }
}
