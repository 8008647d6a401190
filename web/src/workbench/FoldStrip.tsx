import { useInViewport } from '@mantine/hooks'
import { useEffect, useRef, type KeyboardEvent } from 'react'
import { useTranslation } from 'react-i18next'
import type { Schemas } from '../api/client'
import { Drawing } from '../ui/Drawing'
import classes from './FoldStrip.module.css'
import type { Stages } from './useStages'

interface FoldStripProps {
  stages: Stages
  /** Called when a stage that is not there yet comes into sight. */
  onSeen: (stage: number) => void
  /** Whether they are still those of the circuit before. */
  stale: boolean
  /** The stage in hand, from 0. */
  stage: number
  onStage: (stage: number) => void
}

/** Every stage of the folding as a small redraw; one moves along it by click, touch or arrow keys. */
export function FoldStrip({ stages, onSeen, stale, stage, onStage }: FoldStripProps) {
  const { t } = useTranslation()
  const inHand = useRef<HTMLButtonElement>(null)
  useEffect(() => {
    inHand.current?.scrollIntoView?.({ block: 'nearest', inline: 'nearest' })
  }, [stage])
  const move = (event: KeyboardEvent) => {
    const to = { ArrowRight: stage + 1, ArrowLeft: stage - 1, Home: 0, End: stages.length - 1 }[event.key]
    if (stale || to === undefined || to < 0 || to >= stages.length) return
    event.preventDefault()
    onStage(to)
    const buttons = event.currentTarget.querySelectorAll('button')
    buttons[to]?.focus()
  }
  return (
    <nav className={classes.strip} aria-label={t('fold.strip')}>
      <ol className={classes.stages} data-stale={stale} aria-busy={stale} onKeyDown={move}>
        {stages.map((one, place) => (
          <li key={place} className={classes.item}>
            {place > 0 && one && (
              <span className={classes.how} aria-hidden>
                <span className={classes.sign}>{JOINS[one.join] ?? '→'}</span>
                {one.reason}
              </span>
            )}
            <button
              type="button"
              ref={place === stage ? inHand : undefined}
              className={`${classes.stage} ${place === stage ? classes.inHand : ''}`}
              aria-current={place === stage ? 'step' : undefined}
              tabIndex={place === stage ? 0 : -1}
              onClick={() => !stale && onStage(place)}
            >
              <span className={classes.redraw} aria-hidden>
                {one ? (
                  <Redraw scene={one.scene} group={one.group} />
                ) : (
                  <Unseen onSeen={() => onSeen(place)} />
                )}
              </span>
              <span className={classes.title}>
                {one ? t(`fold.kind.${one.kind}`, { members: one.members }) : t('fold.stage', { place })}
                {one?.result && <b className={classes.result}> {one.result}</b>}
                {one?.reason && <span className={classes.spoken}>: {one.reason}</span>}
              </span>
            </button>
          </li>
        ))}
      </ol>
    </nav>
  )
}

/** A component of its own: it is drawn once, however often the strip is told something else. */
function Redraw({ scene, group }: { scene: Schemas['SceneView']; group: string }) {
  return <Drawing scene={scene} words="" selected={new Set([group])} small />
}

/** The place of a stage that is asked for when it comes into sight. */
function Unseen({ onSeen }: { onSeen: () => void }) {
  const { ref, inViewport } = useInViewport<HTMLSpanElement>()
  useEffect(() => {
    if (inViewport) onSeen()
  }, [inViewport, onSeen])
  return <span ref={ref} className={classes.late} />
}

const JOINS: Record<string, string> = { series: '+', parallel: '∥' }
