import { NativeSelect } from '@mantine/core'
import { useTranslation } from 'react-i18next'
import { namesIn } from './currentNames'
import type { PicksProps } from './Picks'
import { PickRow } from './PickRow'

/** The name of each thing's current to be picked; how the currents are related is typed behind them. */
export function CurrentPicks({ box, text, onWrite }: PicksProps) {
  const { t } = useTranslation()
  const { names, rest } = namesIn(box.things, text)
  // As many as there are things, so that nothing is told of how many branches there are.
  const usual = box.things.map((_, place) => `I${place + 1}`)
  const put = (thing: string, name: string) => {
    const now = new Map(names).set(thing, name)
    const given = box.things.filter((one) => now.get(one)).map((one) => `${one} ${now.get(one)}`)
    onWrite([...given, ...rest].join('; '))
  }
  return (
    <PickRow hint={t('picks.currents')}>
      {box.things.map((thing) => {
        const name = names.get(thing) ?? ''
        return (
          <NativeSelect
            key={thing}
            label={thing === 'total' ? t('picks.source') : thing}
            aria-label={t('picks.currentOf', { thing })}
            w={92}
            size="md"
            data={['', ...new Set([...usual, name].filter((one) => one !== ''))]}
            value={name}
            onChange={(event) => put(thing, event.currentTarget.value)}
          />
        )
      })}
    </PickRow>
  )
}
