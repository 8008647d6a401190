import { Anchor, Text, Title } from '@mantine/core'
import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { useTranslation } from 'react-i18next'
import { Link, useParams } from 'react-router'
import type { Schemas } from '../api/client'
import { sheetQuery } from '../api/queries'
import { CircuitWords } from '../ui/CircuitWords'
import { Drawing } from '../ui/Drawing'
import paper from '../ui/Drawing.module.css'
import { Failed } from '../ui/Failed'
import { FindingRow } from '../ui/FindingRow'
import { Loading } from '../ui/Loading'
import { Screen } from '../ui/Screen'
import { TrueChart } from '../ui/TrueChart'
import classes from './LearnerSheet.module.css'

/** One learner's sheet: what was written, what the marker says of it, and the true chart beside it. */
export default function LearnerSheet() {
  const { t } = useTranslation()
  const { classId, assignmentId, learnerId } = useParams()
  const sheet = useQuery(sheetQuery(Number(assignmentId), Number(learnerId)))
  const [subject, setSubject] = useState('')
  if (sheet.isError) return <Failed error={sheet.error} onRetry={() => void sheet.refetch()} />
  if (sheet.isPending) return <Loading />
  const { assignment, learner, analysis, findings } = sheet.data
  const members = analysis.rows.find((row) => row.id === subject)?.members ?? []
  const text = (cell: Schemas['CellView']) =>
    sheet.data.answers.find(
      (answer) => answer.cell.subject === cell.subject && answer.cell.quantity === cell.quantity,
    )?.text ?? ''
  return (
    <Screen
      title={learner.learner.displayName}
      aside={
        <>
          {assignment.title}
          {learner.marks !== null &&
            ` · ${t('sheet.marks', { marks: learner.marks, total: assignment.total })}`}
        </>
      }
      actions={
        <Anchor component={Link} to={`/results/${classId}`}>
          {t('sheet.back', { classroom: assignment.classroom })}
        </Anchor>
      }
    >
      <div className={classes.columns}>
        <section aria-label={t('sheet.finding')}>
          {findings.length === 0 ? (
            <Text c="dimmed">{t('sheet.notSent')}</Text>
          ) : (
            <ul className={classes.list}>
              {findings.map((finding) => (
                <FindingRow
                  key={`${finding.cell.subject} ${finding.cell.quantity}`}
                  finding={finding}
                  text={text(finding.cell)}
                  selected={finding.cell.subject === subject}
                  onSelect={() => setSubject(finding.cell.subject)}
                />
              ))}
            </ul>
          )}
        </section>
        <section>
          <div className={`${classes.drawing} ${paper.paper}`}>
            <CircuitWords lines={analysis.wordList} />
            <Drawing scene={analysis.scene} words={t('drawing.described')} selected={new Set(members)} />
          </div>
          <Title order={2} mt="md" mb={4}>
            {t('sheet.trueChart')}
          </Title>
          <TrueChart analysis={analysis} selected={subject} />
        </section>
      </div>
    </Screen>
  )
}
