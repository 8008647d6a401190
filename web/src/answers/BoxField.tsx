import { Chip, Radio, Stack } from '@mantine/core'
import { lazy, Suspense, useId, type KeyboardEvent } from 'react'
import { useTranslation } from 'react-i18next'
import type { Schemas } from '../api/client'
import { Formula } from '../ui/Formula'
import { fetched } from '../ui/fetched'
import { BoxInput } from './BoxInput'
import { LinesField } from './LinesField'
import { OrderPicks } from './OrderPicks'
import type { Box } from './places'
import classes from './Tasks.module.css'

export interface BoxFieldProps {
  box: Box
  text: string
  reading?: Schemas['ReadingView']
  /** Without it the box can only be read. */
  onWrite?: (text: string) => void
  onKeyDown: (event: KeyboardEvent<HTMLElement>) => void
}

/** What is chosen from in the forms that are a choice; the words are those that the server reads. */
const CHOICES = {
  way: ['increases', 'decreases', 'stays the same'],
  joint: ['in series', 'in parallel', 'neither'],
  relation: ['less', 'equal', 'greater'],
} as const

const Picks = lazy(async () => ({ default: (await fetched(() => import('./Picks'))).Picks }))

/** The forms that have keys to write with, beside the field. */
const PICKED: Box['form'][] = ['folds', 'network', 'bands', 'nesting', 'chain', 'currents']

/** The forms whose answers are long. */
const WIDE: Box['form'][] = ['order', 'values', 'folds', 'network', 'bands', 'nesting', 'chain', 'currents']

/** The forms whose field stands under what it is called. */
const STACKED: Box['form'][] = ['words', 'gap']

/** One box in the form it has: a field, a choice, several of some things, an order. */
export function BoxField(props: BoxFieldProps) {
  const { form } = props.box
  if (form === 'way' || form === 'joint' || form === 'relation') return <Choice {...props} form={form} />
  if (form === 'why') return <Why {...props} />
  if (form === 'things') return <Things {...props} />
  if (props.box.lines) return <LinesField {...props} />
  return <Field {...props} />
}

const symbolOf = (box: Box, label?: string) =>
  box.symbol ? (
    <Formula markup={box.symbol} label={label} />
  ) : (
    <span className={classes.name}>{box.name}</span>
  )

/** A field to type in, with what that was read as or what would be expected. */
function Field({ box, text, reading, onWrite, onKeyDown }: BoxFieldProps) {
  const { t } = useTranslation()
  const id = useId()
  const says = `${id}-says`
  const wide = WIDE.includes(box.form) ? classes.wide : ''
  return (
    <div className={`${classes.row} ${STACKED.includes(box.form) ? classes.stacked : wide}`}>
      <label htmlFor={id} className={box.symbol ? classes.symbol : undefined}>
        {symbolOf(box, box.unit ? t('work.boxOf', { name: box.name, unit: box.unit }) : box.name)}
      </label>
      <BoxInput
        id={id}
        says={says}
        box={box}
        text={text}
        reading={reading}
        onWrite={onWrite}
        onKeyDown={onKeyDown}
      />
      <span id={says} className={reading?.expected ? classes.expected : classes.read}>
        {reading?.expected
          ? t('work.expected', { expected: reading.expected })
          : (box.form !== 'chain' && reading?.shown) ||
            (box.marks > 1 && t('work.marksHint', { count: box.marks }))}
      </span>
      {box.form === 'order' && onWrite && <OrderPicks things={box.things} text={text} onWrite={onWrite} />}
      {onWrite && PICKED.includes(box.form) && (
        <Suspense>
          <Picks box={box} text={text} scene={reading?.scene} onWrite={onWrite} />
        </Suspense>
      )}
    </div>
  )
}

/** One of three; by arrow keys as by pointer. */
function Choice({ box, text, onWrite, onKeyDown, form }: BoxFieldProps & { form: keyof typeof CHOICES }) {
  const { t } = useTranslation()
  const choices: readonly string[] = CHOICES[form]
  const reached = choices.includes(text) ? text : choices[0]
  return (
    <div role="radiogroup" aria-label={box.name} className={classes.choice}>
      {box.symbol && <span className={classes.symbol}>{symbolOf(box)}</span>}
      <Chip.Group value={text} onChange={(value) => onWrite?.(value)}>
        {choices.map((one) => (
          <Chip
            key={one}
            value={one}
            size="md"
            disabled={!onWrite}
            data-box={one === reached ? box.id : undefined}
            onKeyDown={onKeyDown}
          >
            {t(`${form}.${one}`)}
          </Chip>
        ))}
      </Chip.Group>
    </div>
  )
}

/** One of some sentences, told by its letter. */
function Why({ box, text, onWrite, onKeyDown }: BoxFieldProps) {
  const letters = box.things.map((_, place) => String.fromCharCode(97 + place))
  const reached = letters.includes(text) ? text : letters[0]
  return (
    <Radio.Group label={box.name} value={text} onChange={(value) => onWrite?.(value)} mt="sm">
      <Stack gap={4} mt={4}>
        {box.things.map((says, place) => (
          <Radio
            key={says}
            size="md"
            value={letters[place]}
            label={says}
            disabled={!onWrite}
            data-box={letters[place] === reached ? box.id : undefined}
            onKeyDown={onKeyDown}
          />
        ))}
      </Stack>
    </Radio.Group>
  )
}

/** Some of what can be named, or none of it; all of it is each of it. */
function Things({ box, text, onWrite, onKeyDown }: BoxFieldProps) {
  const { t } = useTranslation()
  const named = text
    .split(',')
    .map((one) => one.trim())
    .filter((one) => one !== '')
  const take = (values: string[]) => {
    const none = values.includes('none') && !named.includes('none')
    const left = box.things.filter((one) => values.includes(one))
    onWrite?.(none ? 'none' : left.join(', '))
  }
  return (
    <div role="group" aria-label={box.name} className={classes.choice}>
      <span className={classes.name}>{box.name}</span>
      <Chip.Group multiple value={named} onChange={take}>
        {[...box.things, 'none'].map((one, place) => (
          <Chip
            key={one}
            value={one}
            size="md"
            disabled={!onWrite}
            data-box={place === 0 ? box.id : undefined}
            onKeyDown={onKeyDown}
          >
            {one === 'none' ? t('things.none') : one}
          </Chip>
        ))}
      </Chip.Group>
    </div>
  )
}
