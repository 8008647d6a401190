import { Text } from '@mantine/core'
import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { useTranslation } from 'react-i18next'
import { useParams, useSearchParams } from 'react-router'
import { feedbackQuery, sessionQuery } from '../api/queries'
import { Failed } from '../ui/Failed'
import { Loading } from '../ui/Loading'
import { Screen } from '../ui/Screen'
import sheetClasses from './AnswerSheet.module.css'
import classes from './Feedback.module.css'
import { Findings } from './Findings'
import { AttemptLinks } from './AttemptLinks'
import { Corrections } from './Corrections'
import { FIRST_DRAWN, GivenCircuit } from './GivenCircuit'
import { LeftBehind } from './LeftBehind'
import { ModelAnswer } from './ModelAnswer'
import { useRoom } from './useRoom'

/** What came of a learner's sheet. */
export default function Feedback() {
  const { t } = useTranslation()
  const [drawn, setDrawn] = useState(FIRST_DRAWN)
  const [search] = useSearchParams()
  const feedback = useQuery(
    feedbackQuery(Number(useParams().workId), useRoom(), Number(search.get('attempt')) || undefined),
  )
  const person = useQuery(sessionQuery).data?.username ?? ''
  if (feedback.isLoadingError)
    return <Failed error={feedback.error} onRetry={() => void feedback.refetch()} />
  if (feedback.isPending) return <Loading />
  const { sheet, whole, attempts, marks, findings, corrections, next } = feedback.data
  return (
    <Screen title={sheet.title} aside={t('feedback.marks', { marks, total: sheet.marks })}>
      <div className={classes.columns}>
        <div className={sheetClasses.circuit}>
          <GivenCircuit sheet={sheet} progress={marks / sheet.marks} drawn={drawn} onDrawn={setDrawn} />
        </div>
        <section>
          <AttemptLinks sheet={sheet} attempts={attempts} whole={whole} />
          {sheet.collected && (
            <Text c="dimmed" mb="sm">
              {t('feedback.collected')}
            </Text>
          )}
          <Corrections entries={corrections} />
          <LeftBehind sheet={sheet} person={person} />
          {findings.every((finding) => finding.finding === 'right') && (
            <Text mb="sm">{t('feedback.allRight')}</Text>
          )}
          {next && (
            <Text mb="sm">
              {t('feedback.next', { what: `${next.number} ${next.name}` })}{' '}
              {next.led > 0 && t('feedback.led', { count: next.led })}
            </Text>
          )}
          <Findings
            questions={sheet.questions}
            findings={findings}
            under={(finding) =>
              whole &&
              finding.finding !== 'right' && (
                <ModelAnswer work={sheet.id} attempt={sheet.attempt} box={finding.box} />
              )
            }
          />
        </section>
      </div>
    </Screen>
  )
}
