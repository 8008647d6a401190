import { Alert, Anchor, Button, Text } from '@mantine/core'
import { useDisclosure } from '@mantine/hooks'
import { lazy, Suspense, useEffect, useState } from 'react'
import { useTranslation } from 'react-i18next'
import { Link } from 'react-router'
import { ProblemError, type Schemas } from '../api/client'
import { AskBeforeLeaving } from '../keeping/AskBeforeLeaving'
import { KeptState } from '../keeping/KeptState'
import { useKeeper } from '../keeping/useKeeper'
import { announce } from '../ui/announce'
import { ScreenTitle } from '../ui/ScreenTitle'
import { fetched } from '../ui/fetched'
import { atClock, atMoment } from '../ui/when'
import classes from './AnswerSheet.module.css'
import { Attempted } from './Attempted'
import { FIRST_DRAWN, GivenCircuit } from './GivenCircuit'
import { disputed, keptSheet } from './keptAnswers'
import { placesOf } from './places'
import { Tasks } from './Tasks'
import { useReadings } from './useReadings'

// The sheet can be read and written before the dialogs are there.
const SendDialog = lazy(() => fetched(() => import('./SendDialog')))
const ConflictDialog = lazy(() => fetched(() => import('./ConflictDialog')))

interface OpenSheetProps {
  /** As it was when it was opened: what is typed goes on from there. */
  sheet: Schemas['SheetView']
  /** As the server has it now. */
  now: Schemas['SheetView']
  /** Why the server could not say how it is now. */
  error: Error | null
  person: string
}

/** A sheet that is being written on. */
export function OpenSheet({ sheet, now, error, person }: OpenSheetProps) {
  const { t } = useTranslation()
  const { keeper, keeping } = useKeeper(() => keptSheet(sheet, person))
  const [asking, ask] = useDisclosure(false)
  const [choosing, choose] = useDisclosure(true)
  const texts = keeping.value
  const readings = useReadings(sheet, texts, keeping.said)
  const [drawn, setDrawn] = useState(FIRST_DRAWN)
  const places = placesOf(now)
  const open = places.filter(({ box }) => !texts[box.id]?.trim())
  const unread = places.filter((place) => readings[place.box.id]?.expected && !open.includes(place))
  const filled = places.length - open.length - unread.length
  const withdrawn = error instanceof ProblemError && error.problem.status === 404
  const over = withdrawn || now.released || now.collected
  const { close } = keeper
  useEffect(() => {
    if (over) close('')
  }, [over, close])
  const putRight = told(now) !== told(sheet)
  const dueAt = now.dueAt
  useEffect(() => {
    if (dueAt !== sheet.dueAt) announce(t('work.dueMoved', { due: atMoment(dueAt) }))
  }, [dueAt, sheet.dueAt, t])
  useEffect(() => {
    if (keeping.joined > 0) announce(t('conflict.joined'))
  }, [keeping.joined, t])
  const inDispute = keeping.theirs ? disputed(keeping.base, texts, keeping.theirs.value) : []
  const closed = keeping.state.is === 'closed'
  const leaveFor = (key: string) => {
    ask.close()
    // The dialog gives the focus back first to what opened it.
    setTimeout(() => document.querySelector<HTMLElement>(`[data-box="${key}"]`)?.focus(), 0)
  }
  return (
    <div className={classes.sheet}>
      <header className={classes.head}>
        <ScreenTitle title={sheet.title} />
        {!closed && (
          <KeptState state={keeping.state} keptAt={keeping.keptAt} onTry={() => void keeper.keepNow()} />
        )}
      </header>
      <Attempted sheet={sheet} />
      {over && <Over now={now} withdrawn={withdrawn} />}
      {closed && !over && (
        <Alert color="red" variant="outline" role="alert" m="sm">
          {keeping.state.is === 'closed' && keeping.state.reason}
        </Alert>
      )}
      {putRight && !over && (
        <Alert color="copper" variant="outline" role="alert" m="sm">
          {t('work.putRight')}
        </Alert>
      )}
      {keeping.state.is === 'conflict' && (
        <Alert color="copper" variant="outline" role="alert" m="sm">
          {t('conflict.title')}{' '}
          <Button size="compact-sm" variant="default" onClick={choose.open}>
            {t('conflict.choose')}
          </Button>
        </Alert>
      )}
      <div className={classes.columns}>
        <GivenCircuit
          sheet={now}
          progress={filled / places.length}
          drawn={drawn}
          onDrawn={setDrawn}
          texts={texts}
        />
        <Tasks
          questions={now.questions}
          texts={texts}
          readings={readings}
          onWrite={closed ? undefined : (key, text) => keeper.change({ ...texts, [key]: text })}
          onTask={setDrawn}
          onEnd={() => document.getElementById('send')?.focus()}
        />
      </div>
      <footer className={classes.foot}>
        <Text c="dimmed">{t('work.answered', { done: filled, all: places.length })}</Text>
        <Text c="dimmed" fz="xs" visibleFrom="sm">
          {t('work.due', { due: atMoment(dueAt) })}
        </Text>
        <Button
          id="send"
          disabled={closed}
          onClick={ask.open}
          onKeyDown={(event) => event.repeat && event.preventDefault()}
          mih={44}
        >
          {t('work.send')}
        </Button>
      </footer>
      <Suspense>
        {!closed && (
          <SendDialog
            opened={asking}
            onClose={ask.close}
            sheet={sheet}
            person={person}
            texts={texts}
            open={open}
            unread={unread}
            onBox={leaveFor}
          />
        )}
        {keeping.theirs && (
          <ConflictDialog
            opened={choosing}
            onClose={choose.close}
            boxes={places.filter(({ box }) => inDispute.includes(box.id))}
            mine={texts}
            base={keeping.base}
            theirs={keeping.theirs}
            onChosen={(taken) => {
              keeper.resolve(taken)
              choose.open()
            }}
          />
        )}
      </Suspense>
      <AskBeforeLeaving state={keeping.state} />
    </div>
  )
}

/** What is given on a sheet and what it earns: whatever a teacher may put right while it is open. */
const told = ({ questions }: Schemas['SheetView']) =>
  JSON.stringify(
    questions.map(({ states, tasks }) => [
      states.map(({ given }) => given.map(({ shown }) => shown)),
      tasks.map(({ marks }) => marks),
    ]),
  )

/** Says at once that nothing more can be written, and why. */
function Over({ now, withdrawn }: { now: Schemas['SheetView']; withdrawn: boolean }) {
  const { t } = useTranslation()
  return (
    <Alert color="copper" variant="outline" role="alert" m="sm">
      {withdrawn
        ? t('work.withdrawn')
        : now.collected
          ? t('work.collected', { time: atClock(now.sentAt ?? '') })
          : t('work.handedBack')}{' '}
      <Anchor component={Link} underline="always" to={withdrawn ? '/work' : `/work/${now.id}/feedback`}>
        {t(withdrawn ? 'work.title' : 'work.seeFeedback')}
      </Anchor>
    </Alert>
  )
}
