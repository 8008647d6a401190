import { Text } from '@mantine/core'
import { lazy, Suspense, useDeferredValue, useState } from 'react'
import { useTranslation } from 'react-i18next'
import type { Schemas } from '../api/client'
import { AskBeforeLeaving } from '../keeping/AskBeforeLeaving'
import { KeptState } from '../keeping/KeptState'
import { ScreenTitle } from '../ui/ScreenTitle'
import { Failed } from '../ui/Failed'
import { fetched } from '../ui/fetched'
import { useAfterPaint } from '../ui/useAfterPaint'
import classes from './Bench.module.css'
import { askingFrom } from './asking'
import { Board } from './Board'
import { paperAddress } from './benchAddress'
import { CircuitMenu } from './CircuitMenu'
import { changed, type History } from './history'
import { makingOfBody, type Making } from './making'
import { NotationLine } from './NotationLine'
import { NumberTabs } from './NumberTabs'
import { QuestionBar } from './QuestionBar'
import { QuestionHistory } from './QuestionHistory'
import { told } from './stages'
import { StatesBar } from './StatesBar'
import { useAskedBody } from './useAskedBody'
import { useBenchView } from './useBenchView'
import { useChecked } from './useChecked'
import { useCircuitAddress } from './useCircuitAddress'
import { useCircuitStates } from './useCircuitStates'
import { useEdits } from './useEdits'
import { useFoundValues } from './useFoundValues'
import { useMaking } from './useMaking'
import { useNiceValues } from './useNiceValues'
import { useRoom } from './useRoom'
import { useSaidInHand } from './useSaidInHand'
import { useStageInHand } from './useStageInHand'
import { useStyleTypedIn } from './useStyleTypedIn'
import { useUndoing } from './useUndoing'
import { useUses } from './useUses'
import { useWorkedCircuit } from './useWorkedCircuit'
import { WhichDialog } from './WhichDialog'

// The workbench is there before what makes questions is.
const AskedQuestion = lazy(() => fetched(() => import('./AskedQuestion')))

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
  const making = useMaking({ person, first, draft, question, onBegun, view })
  const { keeper, keeping, history, change, take } = making
  useStyleTypedIn(view, first.now)
  const [inHand, setInHand] = useState('')
  const { ref, room } = useRoom()
  // The line shows a letter at once; all that follows from it may come a moment later.
  const notation = useDeferredValue(history.now.notation)
  const states = useCircuitStates(notation, view.style, history.now.asking?.states ?? [])
  const worked = useWorkedCircuit(states.notation, room, view.style, view.plan)
  const { analysis, stages } = worked
  // What cannot be read is the line of text, whichever state is looked at.
  const problem = worked.problem ?? (states.state > 0 ? states.problem : undefined)
  // The drawing is painted first; its numbers follow in the next frame.
  const numbers = useAfterPaint(analysis)
  const { stage, direction, goTo } = useStageInHand(notation, stages.length)
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
  const painted = useAfterPaint(worked.analysed) === states.notation
  const checked = useChecked(request, !problem && (inWords || (!!numbers && painted)))
  const values = useFoundValues(
    checked.settled,
    checked.upToDate && !!numbers && (!!asking.vary?.length || view.view === 'question'),
  )
  useCircuitAddress(view, notation, !question)
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
  const undoing = useUndoing(history, change)
  useSaidInHand(analysis, inHand)
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
              goTo(to)
            }}
            inHand={inHand}
            onInHand={setInHand}
            onAct={composer}
            varied={Object.fromEntries((asking.vary ?? []).map((one) => [one.thing, one.values]))}
            onNice={nice}
            history={undoing}
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
