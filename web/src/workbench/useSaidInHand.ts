import { useEffect, useRef } from 'react'
import { useTranslation } from 'react-i18next'
import type { Schemas } from '../api/client'
import { announce } from '../ui/announce'
import type { PartKind } from './partKinds'

/** Says what is taken in hand, and what became of it, to those who listen: "R5, resistor, 4.7 kΩ, in hand". */
export function useSaidInHand(analysis: Schemas['AnalysisView'] | undefined, inHand: string) {
  const { t } = useTranslation()
  const thing = analysis?.things.find((one) => one.name === inHand)
  const row = analysis?.rows.find((one) => one.id === inHand)
  const typed = analysis?.settings.find(
    ({ cell }) => cell.subject === inHand && cell.quantity === 'resistance',
  )
  const parts = thing
    ? [
        inHand === 'source' ? t('compose.source') : thing.name,
        thing.kind && t(`kind.${thing.kind as PartKind}`),
        typed?.text ?? (thing.setting === thing.name ? '' : thing.setting),
      ]
    : row
      ? [row.id]
      : []
  const said = parts.filter(Boolean).join(', ')
  const heard = useRef('')
  useEffect(() => {
    if (said && said !== heard.current) announce(t('compose.inHand', { thing: said }))
    heard.current = said
  }, [said, t])
}
