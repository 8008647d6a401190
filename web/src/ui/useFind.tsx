import { TextInput } from '@mantine/core'
import { useEffect, useRef, useState } from 'react'
import { useTranslation } from 'react-i18next'
import { announce } from './announce'

/** So many are found by looking. */
const FEW = 12

interface Find<T> {
  things: T[] | undefined
  /** What of a thing is looked through. */
  textsOf: (thing: T) => string[]
  label?: string
  /** From how many on there is a field. */
  few?: number
  /** What is said where nothing is found. */
  noneFound?: (find: string) => string
}

/** Finding by a few letters, where there are too many to be looked through: the field, and what is found. */
export function useFind<T>({ things = [], textsOf, label, few = FEW, noneFound }: Find<T>) {
  const { t } = useTranslation()
  const [find, setFind] = useState('')
  const wanted = things.length > few ? find.trim().toLowerCase() : ''
  const found = things.filter((thing) => textsOf(thing).some((text) => text.toLowerCase().includes(wanted)))
  const missed = wanted !== '' && found.length === 0
  const said = missed ? (noneFound?.(find) ?? t('ui.noneFound', { find })) : undefined
  const heard = useRef(false)
  useEffect(() => {
    // Once, and not again with every letter that still finds nothing.
    if (said && !heard.current) announce(said)
    heard.current = !!said
  }, [said])
  const field = things.length > few && (
    <TextInput
      label={label ?? t('ui.find')}
      description={said}
      inputWrapperOrder={['label', 'input', 'description']}
      value={find}
      onChange={(event) => setFind(event.currentTarget.value)}
      data-autofocus
    />
  )
  return { found, field }
}
