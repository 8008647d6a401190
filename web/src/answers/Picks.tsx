import { Button } from '@mantine/core'
import { useState } from 'react'
import { useTranslation } from 'react-i18next'
import type { Schemas } from '../api/client'
import { CurrentPicks } from './CurrentPicks'
import { NetworkBoard } from './NetworkBoard'
import { Pick, PickRow as Row } from './PickRow'
import type { Box } from './places'
import classes from './Tasks.module.css'

export interface PicksProps {
  box: Box
  text: string
  /** What it was read as, drawn, where its form is a circuit. */
  scene?: Schemas['SceneView'] | null
  onWrite: (text: string) => void
}

/** Keys that write into a box what would else be typed, where its form has them. */
export function Picks(props: PicksProps) {
  switch (props.box.form) {
    case 'folds':
      return <FoldPicks {...props} />
    case 'network':
      return <NetworkBoard {...props} />
    case 'bands':
      return <BandPicks {...props} />
    case 'chain':
      return <ChainPicks {...props} />
    case 'currents':
      return <CurrentPicks {...props} />
    case 'nesting':
      return <NestingPicks {...props} />
    default:
      return null
  }
}

/** R2 and R3 together are R23 for short, or else R2,L3. */
function together(names: string[]) {
  const letters = names[0]!.replace(/[0-9,]/g, '')
  const alike = names.every((name) => new RegExp(`^${letters}[0-9]+$`).test(name))
  const labels = names.flatMap((name): string[] =>
    alike ? [...name.slice(letters.length)].map((digit) => letters + digit) : name.split(','),
  )
  const sorted = labels.sort((one, other) => one.length - other.length || (one < other ? -1 : 1))
  return alike ? letters + sorted.map((label) => label.slice(letters.length)).join('') : sorted.join(',')
}

/** What is left to be combined after the stages that were written. */
function leftOf(things: string[], text: string) {
  let left = [...things]
  for (const stage of text.split(/[;\n]/)) {
    const pick = stage.split('=').find((side) => /[+|]/.test(side))
    const used =
      pick
        ?.trim()
        .split(/\s*(?:\+|\|\||[()])\s*/)
        .filter((name) => name !== '') ?? []
    if (used.length > 1) left = [...left.filter((name) => !used.includes(name)), together(used)]
  }
  return left
}

/** Stage by stage what is combined; the value is typed behind it. */
function FoldPicks({ box, text, onWrite }: PicksProps) {
  const { t } = useTranslation()
  const [picked, pick] = useState<string[]>([])
  const left = leftOf(box.things, text)
  const combine = (sign: string) => {
    const before = text.trim().replace(/;$/, '')
    const stage = picked.join(` ${sign} `) + (box.unit ? ' = ' : '')
    onWrite(before === '' ? stage : `${before}; ${stage}`)
    pick([])
    document.querySelector<HTMLElement>(`[data-box="${box.id}"]`)?.focus()
  }
  return (
    <Row
      hint={t('picks.fold', { such: box.things.slice(0, 2).join(' + ') })}
      back={text.trim() === '' ? undefined : () => onWrite(text.replace(/;?[^;\n]*$/, ''))}
    >
      {left.length > 1 &&
        left.map((name) => (
          <Button
            key={name}
            variant={picked.includes(name) ? 'filled' : 'default'}
            aria-pressed={picked.includes(name)}
            size="md"
            px="sm"
            onClick={() =>
              pick(picked.includes(name) ? picked.filter((one) => one !== name) : [...picked, name])
            }
          >
            {name}
          </Button>
        ))}
      {picked.length > 1 && (
        <>
          <Pick label={t('picks.series')} onPick={() => combine('+')} />
          <Pick label={t('picks.parallel')} onPick={() => combine('||')} />
        </>
      )}
    </Row>
  )
}

/** The colours of IEC 60062, told by name and only shown beside it. */
const BANDS = {
  black: '#1b1b1b',
  brown: '#7a4a21',
  red: '#c62f2f',
  orange: '#e8771a',
  yellow: '#f2cf1d',
  green: '#3a8f3f',
  blue: '#2b5fb8',
  violet: '#7d3f9c',
  grey: '#8b8f94',
  white: '#fdfdfd',
  gold: '#c9a227',
  silver: '#c3c7cb',
} as const

function BandPicks({ text, onWrite }: PicksProps) {
  const { t } = useTranslation()
  return (
    <Row
      hint={t('picks.bands')}
      back={text.trim() === '' ? undefined : () => onWrite(text.trim().replace(/[,\s]*[^,\s]+$/, ''))}
    >
      {Object.entries(BANDS).map(([name, ink]) => (
        <Pick
          key={name}
          label={
            <>
              <span aria-hidden className={classes.band} style={{ background: ink }} />
              {t(`band.${name as keyof typeof BANDS}`)}
            </>
          }
          onPick={() => onWrite(text.trim() === '' ? name : `${text.trim()}, ${name}`)}
        />
      ))}
    </Row>
  )
}

const letterOf = (place: number) => String.fromCharCode(97 + place)

/** Links to pick, each with the letter it is told by; those that are picked stand in their order above. */
function ChainPicks({ box, text, onWrite }: PicksProps) {
  const { t } = useTranslation()
  const picked = [...text.toLowerCase().replace(/[^a-z]/g, '')]
  const links = box.things.map((says, place) => ({ letter: letterOf(place), says }))
  const put = (letters: string[]) => onWrite(letters.join(' > '))
  return (
    <div className={classes.picks}>
      {picked.length > 0 && (
        <ol className={classes.chain}>
          {picked.map((letter) => (
            <li key={letter}>{links.find((link) => link.letter === letter)?.says ?? letter}</li>
          ))}
        </ol>
      )}
      <Row hint={t('picks.chain')} back={picked.length === 0 ? undefined : () => put(picked.slice(0, -1))}>
        {links
          .filter(({ letter }) => !picked.includes(letter))
          .map(({ letter, says }) => (
            <Button
              key={letter}
              variant="default"
              className={classes.link}
              onClick={() => put([...picked, letter])}
            >
              <span className={classes.letter}>{letter}</span> {says}
            </Button>
          ))}
      </Row>
    </div>
  )
}

function NestingPicks({ text, onWrite }: PicksProps) {
  const { t } = useTranslation()
  const begun = text.trim() !== ''
  return (
    <Row
      hint={t('picks.nesting')}
      back={begun ? () => onWrite(text.trim().replace(/(?:\s*within)?\s*\S+$/, '')) : undefined}
    >
      {(['series', 'parallel'] as const).map((name) => (
        <Pick
          key={name}
          label={begun ? t('picks.within', { name }) : name}
          onPick={() => onWrite(begun ? `${text.trim()} within ${name}` : name)}
        />
      ))}
    </Row>
  )
}
