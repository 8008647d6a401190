import { Alert, Anchor, Button, Stack, Text, Title } from '@mantine/core'
import { useDisclosure } from '@mantine/hooks'
import { useQuery } from '@tanstack/react-query'
import { lazy, Suspense } from 'react'
import { useTranslation } from 'react-i18next'
import { Link, Navigate, useParams } from 'react-router'
import { ProblemError, type Schemas } from '../api/client'
import { workSheetQuery } from '../api/queries'
import { Failed } from '../ui/Failed'
import { Loading } from '../ui/Loading'
import { atClock, atMoment } from '../ui/when'
import classes from './AnswerSheet.module.css'
import { Boxes } from './Boxes'
import { GivenCircuit } from './GivenCircuit'
import { useRoom } from './useRoom'
import { useKeptAnswers } from './useKeptAnswers'

// The sheet can be read and written before the dialog is there.
const SendDialog = lazy(() => import('./SendDialog'))

/** A learner's sheet: the circuit that stays in sight, and box after box. */
export default function AnswerSheet() {
  const id = Number(useParams().workId)
  const room = useRoom()
  // Fetched once: what is typed afterwards is this page's, and is kept by it.
  const sheet = useQuery({ ...workSheetQuery(id, room), staleTime: Infinity, gcTime: 0 })
  if (sheet.isError) return <Failed error={sheet.error} onRetry={() => void sheet.refetch()} />
  if (sheet.isPending) return <Loading />
  if (sheet.data.released) return <Navigate to={`/work/${id}/feedback`} replace />
  if (sheet.data.state === 'sent') return <SentSheet sheet={sheet.data} />
  return <OpenSheet sheet={sheet.data} />
}

function OpenSheet({ sheet }: { sheet: Schemas['SheetView'] }) {
  const { t } = useTranslation()
  const answers = useKeptAnswers(sheet)
  const [asking, ask] = useDisclosure(false)
  const filled = Object.values(answers.texts).filter((text) => text.trim() !== '').length
  const unread = Object.values(answers.readings).filter((reading) => reading.expected !== '').length
  return (
    <div className={classes.sheet}>
      <header className={classes.head}>
        <Title order={1}>{sheet.title}</Title>
        <Text c="dimmed" fz="xs" aria-live="polite" data-testid="kept">
          <KeptState answers={answers} />
        </Text>
      </header>
      {answers.error instanceof ProblemError && (
        <Alert color="red" variant="outline" role="alert" m="sm">
          {answers.error.message} <Anchor href={`/work/${sheet.id}`}>{t('work.reload')}</Anchor>
        </Alert>
      )}
      <div className={classes.columns}>
        <GivenCircuit sheet={sheet} progress={filled / sheet.boxes.length} />
        <Boxes
          boxes={sheet.boxes}
          texts={answers.texts}
          readings={answers.readings}
          onWrite={answers.write}
          onEnd={() => document.getElementById('send')?.focus()}
        />
      </div>
      <footer className={classes.foot}>
        <Text c="dimmed">{t('work.answered', { done: filled, all: sheet.boxes.length })}</Text>
        <Text c="dimmed" fz="xs" visibleFrom="sm">
          {t('work.due', { due: atMoment(sheet.dueAt) })}
        </Text>
        <Button id="send" onClick={ask.open} mih={44}>
          {t('work.send')}
        </Button>
      </footer>
      <Suspense>
        <SendDialog
          opened={asking}
          onClose={ask.close}
          workId={sheet.id}
          texts={answers.texts}
          open={sheet.boxes.length - filled}
          unread={unread}
        />
      </Suspense>
    </div>
  )
}

function KeptState({ answers }: { answers: ReturnType<typeof useKeptAnswers> }) {
  const { t } = useTranslation()
  if (answers.error) {
    const reason = answers.error instanceof ProblemError ? answers.error.problem.title : answers.error.message
    return t('work.notKept', { reason })
  }
  if (answers.dirty) return t('work.keeping')
  return answers.keptAt ? t('work.kept', { time: atClock(answers.keptAt) }) : null
}

function SentSheet({ sheet }: { sheet: Schemas['SheetView'] }) {
  const { t } = useTranslation()
  return (
    <div className={classes.sheet}>
      <header className={classes.head}>
        <Title order={1}>{sheet.title}</Title>
        <Text c="dimmed" fz="xs">
          {t('work.sentWord', { time: atClock(sheet.sentAt ?? '') })}
        </Text>
      </header>
      <div className={classes.columns}>
        <GivenCircuit sheet={sheet} progress={1} />
        <div>
          <Stack className={classes.sent} gap="sm">
            <Text role="status">{t('work.sent', { time: atMoment(sheet.sentAt ?? '') })}</Text>
            <Anchor component={Link} to="/work">
              {t('work.title')}
            </Anchor>
          </Stack>
          <Boxes
            boxes={sheet.boxes}
            texts={Object.fromEntries(
              sheet.boxes.map((box) => [`${box.cell.subject} ${box.cell.quantity}`, box.text]),
            )}
            readings={{}}
          />
        </div>
      </div>
    </div>
  )
}
