import { useTranslation } from 'react-i18next'
import { announce } from '../ui/announce'
import { notify } from '../ui/notify'
import { varying, type Asking } from './asking'
import { useComposer } from './useComposer'

interface Edits {
  notation: string
  style?: string
  /** Empty where nothing is in hand: then the source is meant. */
  inHand: string
  asking: Asking
  onAsking: (asking: Asking) => void
  onTake: (notation: string) => void
  onInHand: (name: string) => void
}

/** What a name means among what varies: of the source its emf, or what is said to be its internal resistance. */
const thingOf = (name: string, text: string) =>
  name === '' || name === 'source' ? (text.startsWith('r=') ? 'r' : 'E') : name

/** Acts on the circuit: it is changed by them, or lets a value vary; who sets a thing to one value wants it to vary no more. */
export function useEdits({ notation, style, inHand, asking, onAsking, onTake, onInHand }: Edits) {
  const { t } = useTranslation()
  return useComposer({
    notation,
    style,
    inHand: inHand || 'source',
    onEdited: (edited, act) => {
      if (act.act === 'remove') announce(t('compose.removed', { name: act.name ?? inHand }))
      if (edited.varied) {
        announce(t('values.said', { ...edited.varied }))
        onAsking(varying(asking, edited.varied.thing, edited.varied.values))
      } else {
        onTake(edited.notation)
        const thing = act.act === 'set' ? thingOf(act.name ?? inHand, act.text ?? '') : undefined
        if (thing && asking.vary?.some((one) => one.thing === thing)) onAsking(varying(asking, thing))
      }
      onInHand(edited.inHand)
    },
    onRefused: (sentence) => notify(sentence),
  })
}
