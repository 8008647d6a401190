import { Anchor, Button, Text, Title } from '@mantine/core'
import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { useTranslation } from 'react-i18next'
import { Link, useParams } from 'react-router'
import type { Schemas } from '../api/client'
import { boxResultsQuery } from '../api/queries'
import { AssignmentMenu } from '../classes/AssignmentMenu'
import { ReleaseDialog } from '../classes/ReleaseDialog'
import { Failed } from '../ui/Failed'
import { Formula } from '../ui/Formula'
import { Loading } from '../ui/Loading'
import { Screen } from '../ui/Screen'
import { atMoment } from '../ui/when'
import classes from './Boxes.module.css'
import { Decide } from './Decide'
import { SlipList } from './SlipList'

type View = Schemas['BoxesView']

/** One assignment: where everybody is, and box by box what became of it. */
export default function Boxes() {
  const { t } = useTranslation()
  const { classId, assignmentId } = useParams()
  const view = useQuery({ ...boxResultsQuery(Number(assignmentId)), refetchInterval: 10_000 })
  const [releasing, setReleasing] = useState(false)
  if (view.isLoadingError) return <Failed error={view.error} onRetry={() => void view.refetch()} />
  if (view.isPending) return <Loading />
  const { assignment, boxes } = view.data
  const words = columns(boxes)
  const many = new Set(boxes.map((box) => box.number)).size > 1
  return (
    <Screen
      title={assignment.title}
      aside={`${assignment.classroom} · ${
        assignment.released
          ? t('assignment.released')
          : `${t('assignment.due')} ${atMoment(assignment.dueAt)}`
      }`}
      actions={
        <>
          <Anchor component={Link} to={`/results/${classId}`}>
            {t('sheet.back', { classroom: assignment.classroom })}
          </Anchor>
          {assignment.open && assignment.sent > 0 && (
            <Button variant="default" onClick={() => setReleasing(true)}>
              {t('assignment.release')}
            </Button>
          )}
          {assignment.sent > 0 && (
            <Button component={Link} to={`/results/${classId}/${assignment.id}/review`} variant="default">
              {t('boxes.review')}
            </Button>
          )}
          {assignment.sent > 0 && (
            <Button
              component="a"
              href={`/api/assignments/${assignment.id}/findings.csv`}
              download
              variant="default"
            >
              {t('boxes.csv')}
            </Button>
          )}
          <AssignmentMenu assignment={assignment} />
        </>
      }
    >
      <Standing view={view.data} />
      {assignment.sent === 0 ? (
        <Text c="dimmed">{t('boxes.nothing')}</Text>
      ) : (
        <>
          <Again view={view.data} many={many} />
          <SlipList slips={view.data.slips} sheets={assignment.sent} assignment={assignment} />
          <Title order={2} mt="lg" mb="xs">
            {t('boxes.title')}
          </Title>
          <div className={classes.wide}>
            <table className={classes.table}>
              <thead>
                <tr>
                  <th scope="col">{t('boxes.box')}</th>
                  <th scope="col" className={classes.number}>
                    {t('boxes.mean')}
                  </th>
                  {words.map((word) => (
                    <th key={word} scope="col" className={classes.number}>
                      {t(`boxes.${word}`)}
                      <span className={classes.shares} aria-hidden>
                        <span data-share={word} />
                      </span>
                    </th>
                  ))}
                  <th scope="col">{t('boxes.values')}</th>
                </tr>
              </thead>
              <tbody>
                {boxes.map((box) => (
                  <Box key={box.box} box={box} words={words} many={many} assignment={assignment} />
                ))}
              </tbody>
            </table>
          </div>
        </>
      )}
      {releasing && <ReleaseDialog assignmentId={assignment.id} onClose={() => setReleasing(false)} />}
    </Screen>
  )
}

/** Who has sent it, who is working, who has not begun, by name. */
function Standing({ view }: { view: View }) {
  const { t } = useTranslation()
  const { id, classroomId } = view.assignment
  const { learners } = view
  const rows = [
    ...(['sent', 'working', 'not-begun'] as const).map((state) => ({
      word: t(`assignment.state.${state}`),
      those: learners.filter((one) => one.state === state),
    })),
    // Of further attempts only what there is.
    ...(['not-begun', 'working', 'sent'] as const)
      .map((again) => ({
        word: t(`results.again.${again}`),
        those: learners.filter((one) => one.again === again),
      }))
      .filter(({ those }) => those.length > 0),
  ]
  return (
    <dl className={classes.standing}>
      {rows.map(({ word, those }) => (
        <div key={word}>
          <dt>
            {word} <b>{those.length}</b>
          </dt>
          <dd>
            {those.map((one, place) => (
              <span key={one.learner.id}>
                {place > 0 && ', '}
                <Link className={classes.name} to={`/results/${classroomId}/${id}/${one.learner.id}`}>
                  {one.learner.displayName}
                  {one.late && ` (${t('assignment.state.late')})`}
                </Link>
              </span>
            ))}
            {those.length === 0 && '–'}
          </dd>
        </div>
      ))}
    </dl>
  )
}

/** Where most marks were lost, the most first, with what was written most often. */
function Again({ view, many }: { view: View; many: boolean }) {
  const { t } = useTranslation()
  const boxes = view.again.flatMap((id) => view.boxes.find((box) => box.box === id) ?? [])
  if (boxes.length === 0) return <Text mt="lg">{t('boxes.nothingLost')}</Text>
  return (
    <>
      <Title order={2} mt="lg" mb="xs">
        {t('boxes.again')}
      </Title>
      <ol className={classes.again}>
        {boxes.map((box) => (
          <li key={box.box}>
            {many && <span className={classes.task}>{box.number} </span>}
            <Link className={classes.name} to={reviewOf(view.assignment, box)}>
              {t('boxes.lost', { name: box.name, lost: box.lost, of: sheetsOf(box) * box.marks })}
            </Link>
            {box.wrongValues[0] && (
              <Text span c="dimmed">
                {' '}
                {t('boxes.often', {
                  value: box.wrongValues[0].shown,
                  count: box.wrongValues[0].learners.length,
                })}
              </Text>
            )}
          </li>
        ))}
      </ol>
    </>
  )
}

const reviewOf = (assignment: View['assignment'], box: Schemas['BoxResults']) =>
  `/results/${assignment.classroomId}/${assignment.id}/review?box=${encodeURIComponent(box.box)}`

const sheetsOf = (box: Schemas['BoxResults']) => COLUMNS.reduce((sum, word) => sum + box[word], 0)

const COLUMNS = [
  'right',
  'follows',
  'partly',
  'undecided',
  'slipped',
  'wrong',
  'blank',
  'unreadable',
] as const

type Column = (typeof COLUMNS)[number]

const ONLY_WHERE_ONE_IS: Column[] = ['partly', 'undecided', 'slipped']

const columns = (boxes: Schemas['BoxResults'][]): Column[] =>
  COLUMNS.filter((word) => !ONLY_WHERE_ONE_IS.includes(word) || boxes.some((box) => box[word] > 0))

interface BoxProps {
  box: Schemas['BoxResults']
  words: Column[]
  /** Whether there is more than one task. */
  many: boolean
  assignment: View['assignment']
}

function Box({ box, words, many, assignment }: BoxProps) {
  const { t } = useTranslation()
  return (
    <tr>
      <th scope="row">
        {many && <span className={classes.task}>{box.number} </span>}
        {box.symbol ? <Formula markup={box.symbol} label={box.name} /> : box.name}
        {box.amount ? ' = ' : ': '}
        {box.expected}
      </th>
      <td className={classes.number} title={t('boxes.spread', { spread: box.spread.toFixed(1) })}>
        {box.marks === 0
          ? t('finding.left-out')
          : t('boxes.points', { points: box.mean.toFixed(1), of: box.marks })}
        <div className={classes.shares} aria-hidden>
          {words
            .filter((word) => box[word] > 0)
            .map((word) => (
              <span key={word} data-share={word} style={{ flexGrow: box[word] }} />
            ))}
        </div>
      </td>
      {words.map((word) => (
        <td key={word} className={classes.number} data-none={box[word] === 0}>
          {box[word]}
        </td>
      ))}
      <td>
        {box.wrongValues.map((value) => (
          <details key={value.shown} className={value.decidable ? classes.wording : classes.value}>
            <summary>
              {value.readable ? value.shown : `“${value.shown}”`}
              {value.learners.length > 1 && <b> × {value.learners.length}</b>}
              {value.decidable &&
                value.points > 0 &&
                ` (${t('boxes.points', { points: value.points, of: box.marks })})`}
            </summary>
            {value.decidable && (
              <div>
                <Decide assignment={assignment.id} box={box} value={value} />
              </div>
            )}
            {value.learners.map((one, place) => (
              <span key={one.id}>
                {place > 0 && ', '}
                <Link
                  className={classes.name}
                  to={`/results/${assignment.classroomId}/${assignment.id}/${one.id}`}
                >
                  {one.displayName}
                </Link>
              </span>
            ))}
          </details>
        ))}
      </td>
    </tr>
  )
}
