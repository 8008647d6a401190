import { Button, NativeSelect, TextInput } from '@mantine/core'
import { useEffect, useEffectEvent, useRef, useState } from 'react'
import { useTranslation } from 'react-i18next'
import classes from './ComposerBar.module.css'
import { KINDS, type PartKind } from './partKinds'
import type { Act } from './useComposer'

interface ComposerBarProps {
  /** What is in hand; "source" for the source. */
  inHand: string
  /** How its setting is written, as the notation has it. */
  setting: string
  /** The part's kind; empty for the source, a voltmeter or a point. */
  kind: string
  onAct: (act: Act) => void
  /** Where keys go when the value is done. */
  onDone: () => void
  /** What was typed for the value before the field stood; missing where the value was not asked for. */
  early?: string
  onEarlyTaken: () => void
}

/** What can be done to the thing in hand; each also has a key. */
export function ComposerBar(props: ComposerBarProps) {
  const { inHand, setting, kind, onAct, onDone, early, onEarlyTaken } = props
  const field = useRef<HTMLInputElement>(null)
  const { t } = useTranslation()
  const [text, setText] = useState(early || setting)
  const taken = useEffectEvent(onEarlyTaken)
  useEffect(() => {
    if (early === undefined) return
    field.current?.focus()
    if (!early) field.current?.select()
    taken()
  }, [early])
  const isSource = inHand === 'source'
  const name = isSource ? t('compose.source') : inHand
  const place = (where: 'before' | 'after' | 'beside' | 'beside-group') =>
    onAct({ act: 'put', kind: 'resistor', place: where })
  const set = () => {
    if (text.trim() && text !== setting) onAct({ act: 'set', text })
  }
  return (
    <div className={classes.bar} role="toolbar" aria-label={t('compose.bar', { name })}>
      <form
        onSubmit={(event) => {
          event.preventDefault()
          set()
          onDone()
        }}
      >
        <TextInput
          ref={field}
          size="xs"
          w={isSource ? 130 : 110}
          aria-label={t(kind || isSource ? 'compose.value' : 'compose.name', { name })}
          value={text}
          spellCheck={false}
          autoComplete="off"
          onChange={(event) => setText(event.currentTarget.value)}
          onBlur={set}
          onKeyDown={(event) => {
            if (event.key !== 'Escape') return
            setText(setting)
            onDone()
          }}
        />
      </form>
      {!isSource && kind && (
        <NativeSelect
          size="xs"
          w={118}
          aria-label={t('compose.kind', { name: inHand })}
          value={kind}
          data={KINDS.map((one) => ({ value: one, label: t(`kind.${one}`) }))}
          onChange={(event) => onAct({ act: 'replace', kind: event.currentTarget.value as PartKind })}
        />
      )}
      {kind === 'switch' && <Verb label={t('compose.toggle')} onClick={() => onAct({ act: 'toggle' })} />}
      <Verb label={t('compose.before')} onClick={() => place('before')} />
      <Verb label={t('compose.after')} onClick={() => place('after')} />
      <Verb label={t('compose.beside')} onClick={() => place('beside')} />
      {!isSource && <Verb label={t('compose.besideGroup')} onClick={() => place('beside-group')} />}
      <Verb label={t('compose.voltmeter')} onClick={() => onAct({ act: 'voltmeter' })} />
      {!isSource && (
        <Verb label={t('compose.point')} onClick={() => onAct({ act: 'point', place: 'after' })} />
      )}
      {!isSource && <Verb label={t('compose.remove')} onClick={() => onAct({ act: 'remove' })} />}
    </div>
  )
}

function Verb({ label, onClick }: { label: string; onClick: () => void }) {
  return (
    <Button variant="subtle" size="compact-sm" className={classes.verb} onClick={onClick}>
      {label}
    </Button>
  )
}
