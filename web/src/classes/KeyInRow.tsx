import { ActionIcon, Button, Text, TextInput } from '@mantine/core'
import { useMutation, useQueryClient } from '@tanstack/react-query'
import { useState, type KeyboardEvent } from 'react'
import { useTranslation } from 'react-i18next'
import { body, client, type Schemas } from '../api/client'
import { keyingQuery } from '../api/queries'
import { announce } from '../ui/announce'
import { notifyFailure } from '../ui/notify'
import classes from './KeyIn.module.css'

type Row = Schemas['KeyingRow']

interface KeyInRowProps {
  assignment: Schemas['AssignmentSummary']
  boxes: Schemas['KeyingBox'][]
  row: Row
  place: number
  onGoTo: (row: number, box: number) => void
}

/** What is typed for a box that was left empty on paper. */
const EMPTY = '-'

const textIn = (answers: Schemas['Answer'][], box: string) => answers.find((one) => one.box === box)?.text

/** What stands in the fields of a row: nothing where what is right was written. */
function typedIn({ keyed, right, answers }: Row): Record<string, string> {
  if (!keyed) return {}
  return Object.fromEntries(
    right.map(({ box, text }) => {
      const answer = textIn(answers, box)
      return [box, answer === text ? '' : answer ? answer : EMPTY]
    }),
  )
}

/** One learner's answers from paper: only what differs from right is typed. */
export function KeyInRow({ assignment, boxes, row, place, onGoTo }: KeyInRowProps) {
  const { t } = useTranslation()
  const queries = useQueryClient()
  const { learner } = row
  const [typed, setTyped] = useState(() => typedIn(row))
  const [kept, setKept] = useState(row.keyed)
  const path = { params: { path: { id: assignment.id, learnerId: learner.id } } }
  const took = (now: Row) => {
    queries.setQueryData(
      keyingQuery(assignment.id).queryKey,
      (all) => all && { ...all, rows: all.rows.map((one) => (one.learner.id === learner.id ? now : one)) },
    )
    void queries.invalidateQueries({
      queryKey: ['assignments'],
      predicate: ({ queryKey }) => queryKey[1] !== 'keying',
    })
  }
  const keep = useMutation({
    mutationFn: () =>
      body(
        client.PUT('/api/assignments/{id}/keying/{learnerId}', {
          ...path,
          body: {
            answers: boxes.flatMap(({ box }) => {
              const text = typed[box]?.trim() ?? ''
              return text === '' || text === EMPTY ? [] : [{ box, text }]
            }),
            right: boxes.filter(({ box }) => (typed[box]?.trim() ?? '') === '').map(({ box }) => box),
          },
        }),
      ),
    onSuccess: (now) => {
      setKept(true)
      announce(t('keyIn.kept', { name: learner.displayName, count: now.marks ?? 0 }))
      took(now)
    },
    onError: notifyFailure,
  })
  const takeBack = useMutation({
    mutationFn: () => body(client.DELETE('/api/assignments/{id}/keying/{learnerId}', path)),
    onSuccess: (now) => {
      setKept(false)
      setTyped({})
      announce(t('keyIn.takenBack', { name: learner.displayName }))
      took(now)
    },
    onError: notifyFailure,
  })
  const closed = assignment.released || (row.state === 'sent' && !row.keyed)
  const onKeyDown = (event: KeyboardEvent, at: number) => {
    if (event.key === 'ArrowDown') onGoTo(place + 1, at)
    else if (event.key === 'ArrowUp') onGoTo(place - 1, at)
    else if (event.key === 'Enter' && at + 1 < boxes.length) onGoTo(place, at + 1)
    else if (event.key === 'Enter') {
      keep.mutate()
      onGoTo(place + 1, 0)
    } else return
    event.preventDefault()
  }
  return (
    <tr data-learner={learner.displayName}>
      <th scope="row">
        {learner.displayName}{' '}
        {row.variant && (
          <Text span c="dimmed" fz="xs">
            {row.variant}
          </Text>
        )}
        {row.marks !== null && row.marks !== undefined && (closed || kept) && (
          <Text fz="xs" className={classes.marks}>
            {row.marks} / {assignment.total}
          </Text>
        )}
      </th>
      {boxes.map(({ box, number }, at) => (
        <td key={box}>
          {closed ? (
            <Text fz="xs">{textIn(row.answers, box) ?? ''}</Text>
          ) : (
            <TextInput
              size="xs"
              aria-label={t('keyIn.box', { number, name: learner.displayName })}
              aria-description={t('keyIn.right', { text: textIn(row.right, box) ?? '' })}
              placeholder={textIn(row.right, box)}
              value={typed[box] ?? ''}
              data-at={`${place} ${at}`}
              spellCheck={false}
              autoComplete="off"
              classNames={{ input: classes.field }}
              onChange={(event) => {
                setTyped({ ...typed, [box]: event.currentTarget.value })
                setKept(false)
              }}
              onKeyDown={(event) => onKeyDown(event, at)}
            />
          )}
        </td>
      ))}
      <td className={classes.acts}>
        {closed ? (
          <Text c="dimmed" fz="xs">
            {t(assignment.released ? 'keyIn.released' : 'keyIn.sent')}
          </Text>
        ) : kept ? (
          <ActionIcon
            variant="subtle"
            color="gray"
            size={36}
            aria-label={t('keyIn.takeBack', { name: learner.displayName })}
            onClick={() => takeBack.mutate()}
          >
            ×
          </ActionIcon>
        ) : (
          <Button
            variant="default"
            size="compact-sm"
            mih={36}
            loading={keep.isPending}
            aria-label={t('keyIn.keepOf', { name: learner.displayName })}
            onClick={() => keep.mutate()}
          >
            {t('keyIn.keep')}
          </Button>
        )}
      </td>
    </tr>
  )
}
