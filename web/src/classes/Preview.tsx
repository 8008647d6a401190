import { Anchor, Text } from '@mantine/core'
import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { useTranslation } from 'react-i18next'
import { Link, useParams } from 'react-router'
import sheetClasses from '../answers/AnswerSheet.module.css'
import { FIRST_DRAWN, GivenCircuit } from '../answers/GivenCircuit'
import { Tasks } from '../answers/Tasks'
import { useRoom } from '../answers/useRoom'
import { previewQuery } from '../api/queries'
import { Failed } from '../ui/Failed'
import { Loading } from '../ui/Loading'
import { ScreenTitle } from '../ui/ScreenTitle'
import { atMoment } from '../ui/when'

/** A sheet as the learners have it, for the teacher to look at. */
export default function Preview() {
  const { t } = useTranslation()
  const { classId, assignmentId } = useParams()
  const [drawn, setDrawn] = useState(FIRST_DRAWN)
  const sheet = useQuery(previewQuery(Number(assignmentId), useRoom()))
  if (sheet.isLoadingError) return <Failed error={sheet.error} onRetry={() => void sheet.refetch()} />
  if (sheet.isPending) return <Loading />
  return (
    <div className={sheetClasses.sheet}>
      <header className={sheetClasses.head}>
        <ScreenTitle title={sheet.data.title} />
        <Text c="dimmed">{t('assignment.previewOf', { due: atMoment(sheet.data.dueAt) })}</Text>
        <Anchor component={Link} to={`/classes/${classId}`}>
          {sheet.data.classroom}
        </Anchor>
      </header>
      <div className={sheetClasses.columns}>
        <GivenCircuit sheet={sheet.data} progress={0} drawn={drawn} onDrawn={setDrawn} />
        <Tasks questions={sheet.data.questions} texts={{}} readings={{}} onTask={setDrawn} />
      </div>
    </div>
  )
}
