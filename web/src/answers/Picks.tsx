import { Button, Group, Text } from '@mantine/core'
import { useState, type ReactNode } from 'react'
import { useTranslation } from 'react-i18next'
import type { Box } from './places'
import classes from './Tasks.module.css'

interface PicksProps {
  box: Box
  text: string
  onWrite: (text: string) => void
}

/** Keys that write into a box what would else be typed, where its form has them. */
export function Picks(props: PicksProps) {
  switch (props.box.form) {
    case 'folds':
      return <FoldPicks {...props} />
    case 'network':
      return <NetworkPicks {...props} />
    case 'bands':
      return <BandPicks {...props} />
    case 'chain':
      return <ChainPicks {...props} />
    case 'nesting':
      return <NestingPicks {...props} />
    default:
      return null
  }
}

function Pick({ label, says, onPick }: { label: ReactNode; says?: string; onPick: () => void }) {
  return (
    <Button variant="default" size="md" px="sm" aria-label={says} onClick={onPick}>
      {label}
    </Button>
  )
}

function Row({ hint, children, back }: { hint: string; children: ReactNode; back?: () => void }) {
  const { t } = useTranslation()
  return (
    <div className={classes.picks}>
      <Text c="dimmed" fz="xs">
        {hint}
      </Text>
      <Group gap={6}>
        {children}
        {back && (
          <Button variant="subtle" size="md" px="sm" onClick={back}>
            {t('picks.back')}
          </Button>
        )}
      </Group>
    </div>
  )
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
    const used: string[] = pick?.match(/[A-Za-z]+[0-9]+(?:,[A-Za-z]+[0-9]+)*/g) ?? []
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

const isVoltmeter = (name: string) => /^V[0-9]*$/.test(name)

/** As it stands on a line: a point behind its dot, what a voltmeter is across in brackets. */
const written = (name: string) => (isVoltmeter(name) ? `${name}[` : /^[A-Z]$/.test(name) ? `.${name}` : name)

/** Parts, signs and brackets, one after the other. */
function NetworkPicks({ box, text, onWrite }: PicksProps) {
  const { t } = useTranslation()
  const put = (more: string) =>
    onWrite(`${text.trimEnd()}${text.trim() === '' ? '' : ' '}${more}`.replace(/([([]) /g, '$1'))
  const left = box.things.filter((name) => !new RegExp(`\\b${name}\\b`).test(text))
  return (
    <Row
      hint={t('picks.network')}
      back={text.trim() === '' ? undefined : () => onWrite(text.trimEnd().replace(/\s*(\w+|\|\||\W)$/, ''))}
    >
      {left.map((name) => (
        <Pick key={name} label={name} onPick={() => put(written(name))} />
      ))}
      <Pick label="+" says={t('picks.series')} onPick={() => put('+')} />
      <Pick label="||" says={t('picks.parallel')} onPick={() => put('||')} />
      <Pick label="(" says={t('picks.open')} onPick={() => put('(')} />
      <Pick label=")" says={t('picks.close')} onPick={() => onWrite(`${text.trimEnd()})`)} />
      {box.things.some(isVoltmeter) && (
        <Pick label="]" says={t('picks.meterEnds')} onPick={() => onWrite(`${text.trimEnd()}]`)} />
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
