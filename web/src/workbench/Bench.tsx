import { Text } from '@mantine/core'
import { useDebouncedCallback, useDidUpdate, useElementSize, useHotkeys } from '@mantine/hooks'
import { lazy, Suspense, useDeferredValue, useMemo, useState } from 'react'
import { useTranslation } from 'react-i18next'
import type { Schemas } from '../api/client'
import { AskBeforeLeaving } from '../keeping/AskBeforeLeaving'
import { KeptState } from '../keeping/KeptState'
import { useKeeper } from '../keeping/useKeeper'
import { announce } from '../ui/announce'
import { ScreenTitle } from '../ui/ScreenTitle'
import { Failed } from '../ui/Failed'
import { useAfterPaint } from '../ui/useAfterPaint'
import classes from './Bench.module.css'
import { askingFrom } from './asking'
import { Board } from './Board'
import { paperAddress } from './benchAddress'
import { CircuitMenu } from './CircuitMenu'
import { changed, redone, undone, type History } from './history'
import { keptMaking, makingOfBody, type Making } from './making'
import { NotationLine } from './NotationLine'
import { NumberTabs } from './NumberTabs'
import { QuestionBar } from './QuestionBar'
import { QuestionHistory } from './QuestionHistory'
import { told, type Direction } from './stages'
import { StatesBar } from './StatesBar'
import { useAskedBody } from './useAskedBody'
import { useBenchView } from './useBenchView'
import { useChecked } from './useChecked'
import { useCircuitStates } from './useCircuitStates'
import { useEdits } from './useEdits'
import { useFoundValues } from './useFoundValues'
import { useNiceValues } from './useNiceValues'
import { useSaidInHand } from './useSaidInHand'
import { useStyleTypedIn } from './useStyleTypedIn'
import { useUses } from './useUses'
import { useWorkedCircuit } from './useWorkedCircuit'
import { WhichDialog } from './WhichDialog'

// The workbench is there before what makes questions is.
const AskedQuestion = lazy(() => import('./AskedQuestion'))

const ADDRESS_PAUSE_MS = 300
const START: { stage: number; direction: Direction } = { stage: 0, direction: 'folding' }

export interface BenchProps {
  person: string
  /** What it begins with. */
  history: History<Making>
  /** Where it is kept; missing until something was done. */
  draft?: Schemas['DraftView']
  /** The kept question that is being changed. */
  question?: Schemas['QuestionView']
  /** Called when it has become a draft. */
  onBegun?: (id: number) => void
}

/** One circuit: its line of text, its drawing and stages, and its numbers. */
export function Bench({ person, history: first, draft, question, onBegun }: BenchProps) {
  const { t } = useTranslation()
  const view = useBenchView(first.now.asking?.plan)
  const { keeper, keeping } = useKeeper(() =>
    keptMaking(person, first, draft, question?.id, (id) => {
      onBegun?.(id)
      if (!question) view.set({ draft: String(id) })
    }),
  )
  const history = keeping.value
  useStyleTypedIn(view, first.now)
  const change = (next: (now: History<Making>) => History<Making>) => {
    const now = keeper.snapshot().value
    const after = next(now)
    if (after !== now) keeper.change(after)
  }
  const [inHand, setInHand] = useState('')
  const [place, setPlace] = useState({ notation: first.now.notation, ...START })
  const { ref, width, height } = useElementSize()
  const room = useMemo(
    () => ({ width: Math.round(width / 40) * 40, height: Math.round(height / 40) * 40 }),
    [width, height],
  )
  // The line shows a letter at once; all that follows from it may come a moment later.
  const notation = useDeferredValue(history.now.notation)
  const states = useCircuitStates(notation, view.style, history.now.asking?.states ?? [])
  const worked = useWorkedCircuit(states.notation, room, view.style, view.plan)
  const { analysis, stages } = worked
  // What cannot be read is the line of text, whichever state is looked at.
  const problem = worked.problem ?? (states.state > 0 ? states.problem : undefined)
  // The drawing is painted first; its numbers follow in the next frame.
  const numbers = useAfterPaint(analysis)
  const { stage, direction } = place.notation === notation && place.stage < stages.length ? place : START
  const { asking, uses, setUses, setAsking } = useUses(
    numbers,
    history.now.asking,
    states.state,
    (next, typedAt) =>
      change((now) => changed(now, { ...now.now, style: view.style, asking: next }, typedAt)),
  )
  const request = useAskedBody(notation, asking, view, setAsking)
  // Without a circuit everything can still be asked in words.
  const inWords = worked.empty
  const ready = !problem && (inWords ? asking.tasks.length > 0 : !!analysis)
  const checked = useChecked(request, !problem && (inWords || !!numbers))
  const values = useFoundValues(
    checked.settled,
    !!numbers && !problem && (!!asking.vary?.length || view.view === 'question'),
  )
  // The address follows when the typing rests; each change of it is a walk through the router.
  const toAddress = useDebouncedCallback((circuit: string) => view.set({ circuit }), ADDRESS_PAUSE_MS)
  useDidUpdate(() => {
    if (!question) toAddress(notation)
  }, [notation])
  const take = (taken: string, typedAt = 0) =>
    change((now) =>
      taken === now.now.notation
        ? now
        : changed(now, { ...now.now, notation: taken, style: view.style }, typedAt),
    )
  const nice = useNiceValues(request, take)
  const composer = useEdits({
    notation: history.now.notation,
    style: view.style,
    inHand,
    asking,
    onAsking: setAsking,
    onTake: take,
    onInHand: setInHand,
  })
  const typed = (text: string) => {
    if (states.state === 0) worked.ask(text)
    take(text, Date.now())
  }
  const undo = () => {
    if (history.past.length > 0) announce(t('compose.undone'))
    change(undone)
  }
  const redo = () => {
    if (history.future.length > 0) announce(t('compose.redone'))
    change(redone)
  }
  useSaidInHand(analysis, inHand)
  useHotkeys([
    ['mod+Z', undo],
    ['mod+Y', redo],
    ['mod+shift+Z', redo],
  ])
  return (
    <>
      <ScreenTitle title={question?.title ?? t('workbench.title')} hidden />
      <div className={classes.frame}>
        <NotationLine
          value={history.now.notation}
          onChange={typed}
          problem={problem}
          words={analysis?.words ?? ''}
        />
        <div className={classes.bench}>
          <Board
            above={
              (asking.states.length > 0 || view.view === 'question') &&
              analysis && (
                <StatesBar
                  notation={notation}
                  style={view.style}
                  states={states}
                  asking={asking}
                  onAsking={setAsking}
                  things={analysis.things}
                  inHand={inHand}
                />
              )
            }
            circuit={
              <CircuitMenu
                request={{ notation, style: view.style, plan: view.plan, room }}
                address={paperAddress(view.search, notation, question?.id)}
                ready={!problem && !!analysis}
                onTake={(taken) => {
                  take(taken)
                  setInHand('')
                }}
              />
            }
            view={view}
            analysis={analysis}
            stale={!!problem}
            stages={stages}
            onSeen={worked.see}
            staleStages={worked.staleStages}
            stage={stage}
            direction={direction}
            onStage={(to) => {
              worked.see(to)
              setPlace({ notation, stage: to, direction: to >= stage ? 'folding' : 'unfolding' })
            }}
            inHand={inHand}
            onInHand={setInHand}
            onAct={composer}
            varied={Object.fromEntries((asking.vary ?? []).map((one) => [one.thing, one.values]))}
            onNice={nice}
            history={{
              canUndo: history.past.length > 0,
              canRedo: history.future.length > 0,
              onUndo: undo,
              onRedo: redo,
            }}
            empty={worked.empty}
            roomRef={ref}
          />
          <section
            className={`${classes.side} ${problem ? classes.stale : ''}`}
            aria-label={t('workbench.numbers')}
          >
            {worked.failure && (
              <Failed error={worked.failure.error} onRetry={() => void worked.failure?.refetch()} />
            )}
            <NumberTabs
              view={view}
              numbers={numbers}
              uses={uses}
              onUses={setUses}
              spread={states.state === 0 ? values.spread : []}
              question={
                (numbers ?? inWords) && (
                  <Suspense>
                    <AskedQuestion
                      analysis={numbers}
                      checked={checked}
                      states={states}
                      asking={asking}
                      onAsking={setAsking}
                      inHand={inHand}
                      onInHand={setInHand}
                      values={values}
                      onNice={nice}
                    />
                  </Suspense>
                )
              }
              lit={new Set(told(stages, stage, direction).rows)}
              inHand={inHand}
              onInHand={setInHand}
              onTake={(found, learned) =>
                change((now) =>
                  changed(now, {
                    notation: found,
                    style: view.style,
                    asking: askingFrom(learned),
                  }),
                )
              }
            />
            {problem && numbers && (
              <Text fz="sm" c="dimmed" mt="sm">
                {t('workbench.stale')}
              </Text>
            )}
            <QuestionBar
              request={request}
              checked={checked}
              question={question}
              ready={ready}
              draftId={keeping.said ?? draft?.id}
              earlier={
                question && (
                  <QuestionHistory
                    question={question}
                    onTake={(earlier) => change((now) => changed(now, makingOfBody(earlier)))}
                  />
                )
              }
              kept={
                <KeptState
                  state={keeping.state}
                  keptAt={keeping.keptAt}
                  onTry={() => void keeper.keepNow()}
                />
              }
            />
          </section>
        </div>
      </div>
      {keeping.theirs && <WhichDialog mine={history} theirs={keeping.theirs} onChosen={keeper.resolve} />}
      <AskBeforeLeaving state={keeping.state} />
    </>
  )
}
