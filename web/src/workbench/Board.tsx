import { Text } from '@mantine/core'
import { useMergedRef } from '@mantine/hooks'
import { useQuery } from '@tanstack/react-query'
import { useRef, useState, type KeyboardEvent, type ReactNode } from 'react'
import { useTranslation } from 'react-i18next'
import type { Schemas } from '../api/client'
import { pairQuery } from '../api/queries'
import { CircuitWords } from '../ui/CircuitWords'
import { Drawing } from '../ui/Drawing'
import paper from '../ui/Drawing.module.css'
import { BoardTools } from './BoardTools'
import classes from './Board.module.css'
import { ComposerBar } from './ComposerBar'
import { actOf } from './composerKeys'
import { FoldStrip } from './FoldStrip'
import { KeyList } from './KeyList'
import { StageBand } from './StageBand'
import type { Direction } from './stages'
import type { BenchView } from './useBenchView'
import type { Act } from './useComposer'
import type { Stages } from './useStages'

interface BoardProps {
  /** What stands above the drawing. */
  above?: ReactNode
  /** What is done with the circuit as a whole. */
  circuit: ReactNode
  view: BenchView
  /** Missing while no circuit can be read. */
  analysis?: Schemas['AnalysisView']
  /** Whether it is of the last circuit that could be read. */
  stale: boolean
  stages: Stages
  /** Called when a stage that is not there yet comes into sight. */
  onSeen: (stage: number) => void
  /** Whether they are still those of the circuit before. */
  staleStages: boolean
  stage: number
  direction: Direction
  onStage: (stage: number) => void
  /** What is in hand: a part, voltmeter, point or the source. */
  inHand: string
  onInHand: (name: string) => void
  onAct: (act: Act) => void
  /** What varies, by the name of its thing. */
  varied?: Record<string, string>
  /** Gives the circuit nice values. */
  onNice: () => void
  history: { canUndo: boolean; canRedo: boolean; onUndo: () => void; onRedo: () => void }
  /** Nothing is typed and nothing composed yet. */
  empty: boolean
  roomRef: (element: HTMLElement | null) => void
}

/** The sheet with the drawing, what composes it, and the fold strip under it. */
export function Board(props: BoardProps) {
  const { view, analysis, stages, stage, direction, onStage, inHand, onInHand, onAct, onNice, history } =
    props
  const { t } = useTranslation()
  const [keysOpen, setKeysOpen] = useState(false)
  const [picked, setPicked] = useState<string[]>()
  // What is typed for the value of a thing whose field does not stand yet.
  const [early, setEarly] = useState<string>()
  const sheet = useRef<HTMLDivElement>(null)
  // One and the same function each time: a new one would have the sheet measured anew after every render.
  const sheetRef = useMergedRef(sheet, props.roomRef)
  const redraw = stage > 0 ? stages[stage] : undefined
  const scene = redraw?.scene ?? analysis?.scene
  const names = scene?.areas.map((area) => area.part) ?? []
  const [one, other] = picked ?? []
  const pair = useQuery({
    ...pairQuery({
      notation: analysis?.notation ?? '',
      style: view.style,
      stage,
      one: one ?? '',
      other: other ?? '',
    }),
    enabled: one !== undefined && other !== undefined,
  })
  const toSheet = () => sheet.current?.focus()
  const select = (name: string) => {
    const isSwitch = analysis?.things.find((one) => one.name === name)?.kind === 'switch'
    if (!picked && !redraw && isSwitch) onAct({ act: 'toggle', name })
    else if (!picked) onInHand(name === inHand ? '' : name)
    else setPicked(picked.includes(name) ? picked.filter((p) => p !== name) : [...picked.slice(-1), name])
  }
  const move = (by: number) => {
    const to = stage + by
    if (!props.staleStages && to >= 0 && to < stages.length) onStage(to)
  }
  const onKeyDown = (event: KeyboardEvent) => {
    const typing = event.target instanceof HTMLInputElement || event.target instanceof HTMLSelectElement
    if (typing || event.ctrlKey || event.metaKey || event.altKey) return
    if (early !== undefined && event.key !== 'Escape') {
      if (event.key === 'Enter') {
        if (early.trim()) onAct({ act: 'set', text: early })
        setEarly(undefined)
      } else if (event.key.length === 1) setEarly(early + event.key)
      event.preventDefault()
      return
    }
    setEarly(undefined)
    const act = redraw || picked ? undefined : actOf(event.key)
    const handled = act ? onAct(act) === undefined : walk(event.key)
    if (handled) event.preventDefault()
  }
  // A group has no value of its own; what was just put has one as soon as the server has answered.
  const isGroup = analysis?.rows.some((row) => row.id === inHand && row.kind !== 'part')
  const hasValue = inHand !== '' && !isGroup && !redraw && !picked
  const walk = (key: string): boolean => {
    const at = names.indexOf(inHand)
    if (key === ']') move(1)
    else if (key === '[') move(-1)
    else if (key === 'n' && !redraw) onNice()
    else if (key === '?') setKeysOpen(true)
    else if (key === 'Escape') onInHand('')
    else if (key === 'e' && hasValue) setEarly('')
    else if (key === 'ArrowRight' && names.length) onInHand(names[(at + 1) % names.length] ?? '')
    else if (key === 'ArrowLeft' && names.length) onInHand(names[(at <= 0 ? names.length : at) - 1] ?? '')
    else return false
    return true
  }
  const thing = analysis?.things.find((one) => one.name === inHand)
  const selected = picked ?? analysis?.rows.find((row) => row.id === inHand)?.members ?? []
  return (
    <section className={classes.board} aria-label={t('workbench.drawing')}>
      <BoardTools circuit={props.circuit} view={view} {...history} onKeys={() => setKeysOpen(true)} />
      {props.above}
      <div
        className={`${classes.sheet} ${paper.paper}`}
        ref={sheetRef}
        tabIndex={0}
        role="group"
        aria-label={t('compose.sheet')}
        onKeyDown={onKeyDown}
      >
        {props.empty && <Text className={classes.empty}>{t('compose.empty')}</Text>}
        {scene && !props.empty && (
          <div
            className={`${classes.drawing} ${paper.fresh} ${props.stale ? classes.stale : ''}`}
            key={`${stage} ${view.plan.arrangement}`}
          >
            <Drawing
              scene={scene}
              words={redraw?.words ?? t('drawing.described')}
              selected={new Set([...selected, redraw?.group ?? '', inHand])}
              onSelect={select}
            />
            {!redraw && analysis && <CircuitWords lines={analysis.wordList} />}
          </div>
        )}
      </div>
      {thing && !redraw && !picked ? (
        <ComposerBar
          key={thing.name + thing.setting}
          inHand={thing.name}
          setting={props.varied?.[thing.name] ?? thing.setting}
          kind={thing.kind}
          onAct={onAct}
          onDone={toSheet}
          early={early}
          onEarlyTaken={() => setEarly(undefined)}
        />
      ) : (
        !props.empty && (
          <StageBand
            stages={stages}
            stage={stage}
            direction={direction}
            onMove={move}
            picking={picked !== undefined}
            onPicking={(picking) => setPicked(picking ? [] : undefined)}
            pair={other === undefined ? undefined : pair.data}
          />
        )
      )}
      {!props.empty && (
        <FoldStrip
          stages={stages}
          onSeen={props.onSeen}
          stale={props.staleStages}
          stage={stage}
          onStage={onStage}
        />
      )}
      <KeyList opened={keysOpen} onClose={() => setKeysOpen(false)} />
    </section>
  )
}
