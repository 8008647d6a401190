import { Anchor, NativeSelect, Text, Title } from '@mantine/core'
import { useHotkeys } from '@mantine/hooks'
import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { useTranslation } from 'react-i18next'
import { Link, useNavigate, useParams, useSearchParams } from 'react-router'
import { Findings } from '../answers/Findings'
import { placesOf } from '../answers/places'
import type { Schemas } from '../api/client'
import { resultsQuery, sheetQuery } from '../api/queries'
import { CircuitWords } from '../ui/CircuitWords'
import { Drawing } from '../ui/Drawing'
import paper from '../ui/Drawing.module.css'
import { Failed } from '../ui/Failed'
import { Loading } from '../ui/Loading'
import { Screen } from '../ui/Screen'
import { TrueChart } from '../ui/TrueChart'
import { atClock, atMoment } from '../ui/when'
import classes from './LearnerSheet.module.css'

/** A sheet that is being worked on is asked for again so often. */
const WORKING_MS = 5_000

/** One learner's sheet: what was written, what the marker says of it, and the true chart beside it. */
export default function LearnerSheet() {
  const { t } = useTranslation()
  const { classId, assignmentId, learnerId } = useParams()
  const [search, setSearch] = useSearchParams()
  const sheet = useQuery({
    ...sheetQuery(Number(assignmentId), Number(learnerId), Number(search.get('attempt')) || undefined),
    refetchInterval: ({ state }) => (state.data?.sheet.state === 'working' ? WORKING_MS : false),
  })
  const [inHand, setInHand] = useState('')
  const [drawn, setDrawn] = useState(0)
  if (sheet.isLoadingError) return <Failed error={sheet.error} onRetry={() => void sheet.refetch()} />
  if (sheet.isPending) return <Loading />
  const { assignment, learner, charts, findings } = sheet.data
  const places = placesOf(sheet.data.sheet)
  const chart = charts[drawn]
  const found = findings.find((one) => one.box === inHand)
  const subject = found?.amount?.cell.subject ?? ''
  const members = chart?.analysis.rows.find((row) => row.id === subject)?.members ?? []
  const chain = found?.chain ?? []
  const { sentAt, marks } =
    sheet.data.attempts.find((one) => one.number === sheet.data.sheet.attempt) ?? learner
  const lit = new Set([...members, ...chain.flatMap((step) => step.parts)])
  const origins = new Set(
    found?.origin ? members : chain.filter((step) => step.origin).flatMap((step) => step.parts),
  )
  const select = (box: string) => {
    setInHand(box)
    const place = places.find((one) => one.box.id === box)
    setDrawn(charts.findIndex((one) => one.question === place?.question && one.state === place.task.state))
  }
  return (
    <Screen
      title={learner.learner.displayName}
      aside={[
        t(`assignment.state.${learner.collected ? 'collected' : learner.late ? 'late' : learner.state}`),
        ...(sentAt ? [atMoment(sentAt)] : []),
        ...(marks !== null ? [t('sheet.marks', { marks, total: assignment.total })] : []),
      ].join(' · ')}
      actions={
        <>
          <Neighbours classId={Number(classId)} assignmentId={assignment.id} learnerId={learner.learner.id} />
          <Anchor component={Link} to={`/results/${classId}/${assignment.id}`}>
            {assignment.title}
          </Anchor>
          <Anchor component={Link} to={`/results/${classId}`}>
            {t('sheet.back', { classroom: assignment.classroom })}
          </Anchor>
        </>
      }
    >
      <div className={classes.columns}>
        <section aria-label={t('sheet.finding')}>
          <AttemptChoice
            view={sheet.data}
            onAttempt={(attempt) => setSearch({ attempt: String(attempt) }, { replace: true })}
          />
          {findings.length === 0 ? (
            <AsItStands sheet={sheet.data} />
          ) : (
            <Findings
              questions={sheet.data.sheet.questions}
              findings={findings}
              selected={inHand}
              onSelect={select}
            />
          )}
        </section>
        {chart && (
          <section>
            {charts.length > 1 && (
              <NativeSelect
                label={t('sheet.state')}
                mb="sm"
                value={drawn}
                onChange={(event) => setDrawn(Number(event.currentTarget.value))}
                data={charts.map((one, place) => ({
                  value: String(place),
                  label: [
                    ...(sheet.data.sheet.questions.length > 1
                      ? [t('work.question', { number: one.question + 1 })]
                      : []),
                    one.act || t('work.asDrawn'),
                  ].join(': '),
                }))}
              />
            )}
            <div className={`${classes.drawing} ${paper.paper}`}>
              <CircuitWords lines={chart.analysis.wordList} />
              <Drawing
                scene={chart.analysis.scene}
                words={t('drawing.described')}
                selected={lit}
                origins={origins}
              />
            </div>
            {origins.size > 0 && (
              <Text size="sm" c="dimmed" mt={4}>
                {t('sheet.dashed')}
              </Text>
            )}
            <Title order={2} mt="md" mb={4}>
              {t('sheet.trueChart')}
            </Title>
            <TrueChart analysis={chart.analysis} selected={subject} />
          </section>
        )}
      </div>
    </Screen>
  )
}

interface AttemptChoiceProps {
  view: Schemas['TeacherSheetView']
  onAttempt: (attempt: number) => void
}

/** Which attempt is looked at, where there are several. */
function AttemptChoice({ view: { attempts, sheet }, onAttempt }: AttemptChoiceProps) {
  const { t } = useTranslation()
  if (attempts.length < 2) return null
  const words = ({ number, marks, counts }: Schemas['Tried']) =>
    marks === null
      ? t('sheet.attemptOpen', { number })
      : t(counts ? 'sheet.attemptCounts' : 'sheet.attemptOf', { number, count: marks })
  return (
    <NativeSelect
      label={t('sheet.attempt')}
      mb="sm"
      value={sheet.attempt}
      onChange={(event) => onAttempt(Number(event.currentTarget.value))}
      data={attempts.map((one) => ({ value: String(one.number), label: words(one) }))}
    />
  )
}

/** What stands on a sheet that was not sent yet; it is looked at anew every few seconds. */
function AsItStands({ sheet }: { sheet: Schemas['TeacherSheetView'] }) {
  const { t } = useTranslation()
  const places = placesOf(sheet.sheet)
  const written = places.filter(({ box }) => box.text.trim())
  return (
    <>
      <Text c="dimmed">
        {sheet.sheet.keptAt
          ? t('sheet.working', {
              time: atClock(sheet.sheet.keptAt),
              done: written.length,
              all: places.length,
            })
          : t('sheet.notBegun')}
      </Text>
      <ul className={classes.list}>
        {written.map(({ box, name }) => (
          <li key={box.id} className={classes.written}>
            <span>{name}</span>
            <b>{box.text}</b>
          </li>
        ))}
      </ul>
    </>
  )
}

/** The sheets before and behind this one in the class's order, by link and by the keys p and n. */
function Neighbours({
  classId,
  assignmentId,
  learnerId,
}: Record<'classId' | 'assignmentId' | 'learnerId', number>) {
  const { t } = useTranslation()
  const navigate = useNavigate()
  const rows = useQuery(resultsQuery(classId)).data?.rows ?? []
  const at = rows.findIndex((row) => row.learner.id === learnerId)
  const previous = at > 0 ? rows[at - 1] : undefined
  const next = at >= 0 ? rows[at + 1] : undefined
  const address = (row: typeof next) => `/results/${classId}/${assignmentId}/${row?.learner.id}`
  useHotkeys([
    ['p', () => previous && void navigate(address(previous))],
    ['n', () => next && void navigate(address(next))],
  ])
  return (
    <>
      {previous && (
        <Anchor component={Link} to={address(previous)}>
          {t('sheet.previous', { name: previous.learner.displayName })}
        </Anchor>
      )}
      {next && (
        <Anchor component={Link} to={address(next)}>
          {t('sheet.next', { name: next.learner.displayName })}
        </Anchor>
      )}
    </>
  )
}
