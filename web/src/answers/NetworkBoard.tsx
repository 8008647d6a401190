import { useState } from 'react'
import { useTranslation } from 'react-i18next'
import { Drawing } from '../ui/Drawing'
import { Pick, PickRow } from './PickRow'
import type { PicksProps } from './Picks'
import classes from './Tasks.module.css'

/** The whole network, as that beside which something is put. */
const ALL = ''

const isVoltmeter = (name: string) => /^V[0-9]*$/.test(name)
const isPoint = (name: string) => name.startsWith('.')

const standing = (name: string) =>
  new RegExp(`(?<![\\p{L}\\p{N}.])${name.replace('.', '\\.')}(?![\\p{L}\\p{N}\\[])`, 'u')

/** The text with something else in the place of one of its names, or of all of it. */
const instead = (text: string, beside: string, make: (now: string) => string) =>
  beside === ALL
    ? make(/^[\p{L}\p{N}]*$/u.test(text) ? text : `(${text})`)
    : text.replace(standing(beside), (name) => `(${make(name)})`)

/**
 * A circuit put together part by part: what is put is picked, then beside which one, in the drawing or by its name, and
 * how. It writes what could be typed as well.
 */
export function NetworkBoard({ box, text, scene, onWrite }: PicksProps) {
  const { t } = useTranslation()
  const [taken, take] = useState<string>()
  const [beside, setBeside] = useState(ALL)
  const [before, setBefore] = useState<string[]>([])
  const now = text.trim()
  const used = box.things.filter((name) =>
    isVoltmeter(name) ? now.includes(`${name}[`) : standing(name).test(now),
  )
  const left = box.things.filter((name) => !used.includes(name))
  const at = used.includes(beside) ? beside : ALL
  const put = (make: (was: string) => string) => {
    setBefore([...before, text])
    onWrite(instead(now, at, make).replace(/^\(([^()]*)\)$/, '$1'))
    take(undefined)
  }
  const begin = (name: string) => {
    if (now !== '' || isVoltmeter(name) || isPoint(name)) return take(taken === name ? undefined : name)
    setBefore([...before, text])
    onWrite(name)
  }
  const back = () => {
    onWrite(before.at(-1) ?? '')
    setBefore(before.slice(0, -1))
    take(undefined)
  }
  const what = at === ALL ? t('board.all') : at
  const ways: [string, (was: string) => string][] =
    taken === undefined || now === ''
      ? []
      : isVoltmeter(taken)
        ? [[t('board.across', { what }), (was) => `${taken}[${was.replace(/^\(|\)$/g, '')}]`]]
        : isPoint(taken)
          ? [
              [t('board.before', { what }), (was) => `${taken} + ${was}`],
              [t('board.behind', { what }), (was) => `${was} + ${taken}`],
            ]
          : [
              [t('board.series', { what }), (was) => `${was} + ${taken}`],
              [t('board.parallel', { what }), (was) => `${was} || ${taken}`],
            ]
  return (
    <>
      {scene && (
        <div className={classes.picks}>
          <Drawing
            scene={scene}
            words={t('drawing.described')}
            selected={new Set([at])}
            onSelect={(part) => used.includes(part) && setBeside(at === part ? ALL : part)}
          />
        </div>
      )}
      <PickRow
        hint={t(now === '' ? 'board.first' : left.length > 0 ? 'board.next' : 'board.whole')}
        back={now === '' ? undefined : back}
      >
        {left.map((name) => (
          <Pick key={name} label={name} pressed={taken === name} onPick={() => begin(name)} />
        ))}
      </PickRow>
      {ways.length > 0 && (
        <PickRow hint={t('board.beside', { name: taken })}>
          {[ALL, ...used.filter((name) => !isVoltmeter(name) && !isPoint(name))].map((name) => (
            <Pick
              key={name}
              label={name === ALL ? t('board.all') : name}
              pressed={at === name}
              onPick={() => setBeside(name)}
            />
          ))}
          {ways.map(([says, make]) => (
            <Pick key={says} label={says} main onPick={() => put(make)} />
          ))}
        </PickRow>
      )}
    </>
  )
}
