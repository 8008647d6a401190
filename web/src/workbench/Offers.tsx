import { Button, Select, Text, type OptionsFilter } from '@mantine/core'
import { useHotkeys } from '@mantine/hooks'
import { keepPreviousData, useQuery } from '@tanstack/react-query'
import { useRef, useState } from 'react'
import { useTranslation } from 'react-i18next'
import type { Schemas } from '../api/client'
import { offersQuery } from '../api/queries'
import type { TaskBody } from './asking'
import classes from './Offers.module.css'

const FEW = 4

/** All the words that were typed stand in a prompt, in whatever order. */
const withAllWords: OptionsFilter = ({ options, search }) => {
  const words = search.toLowerCase().split(/\s+/)
  return options.filter(
    (option) => 'label' in option && words.every((word) => option.label.toLowerCase().includes(word)),
  )
}

interface OffersProps {
  request: Schemas['QuestionToCheck']
  state: number
  inHand: string
  onAsk: (tasks: TaskBody[]) => void
  /** Whether the question can be read. */
  ready: boolean
}

/** What else could be asked: found by typing, what is about the thing in hand first, the likeliest as buttons. */
export function Offers({ request, state, inHand, onAsk, ready }: OffersProps) {
  const { t } = useTranslation()
  const field = useRef<HTMLInputElement>(null)
  const [typed, setTyped] = useState('')
  const offers = useQuery({
    // What stands above the tasks changes nothing of it.
    ...offersQuery({ ...request, body: { ...request.body, stem: '' }, state }),
    enabled: ready,
    placeholderData: keepPreviousData,
  }).data
  const about = inHand === 'source' ? 'total' : inHand
  const rank = ({ about: subjects }: Schemas['OfferView']) => (about && subjects.includes(about) ? 0 : 1)
  const all = [...(offers?.offers ?? [])].sort((one, other) => rank(one) - rank(other))
  useHotkeys([['mod+J', () => field.current?.focus()]])
  return (
    <div className={classes.offers}>
      <Select
        ref={field}
        label={t('task.ask')}
        placeholder={t('task.askHint')}
        searchable
        filter={withAllWords}
        limit={40}
        value={null}
        searchValue={typed}
        onSearchChange={setTyped}
        data={all.map((offer, place) => ({ value: String(place), label: offer.prompt }))}
        onChange={(value) => {
          const offer = value === null ? undefined : all[Number(value)]
          if (!offer) return
          onAsk([offer.task])
          setTyped('')
        }}
        nothingFoundMessage={t('task.nothingOffered')}
        maxDropdownHeight={260}
      />
      <div className={classes.chips}>
        {all.slice(0, FEW).map((offer) => (
          <Button
            key={offer.prompt}
            variant="default"
            size="compact-sm"
            radius="xl"
            mih={30}
            fw={400}
            onClick={() => onAsk([offer.task])}
          >
            <Text span inherit truncate>
              {offer.prompt}
            </Text>
          </Button>
        ))}
        <Button
          variant="subtle"
          size="compact-sm"
          mih={30}
          onClick={() => onAsk([{ kind: 'words', prompt: t('task.ownPrompt'), phrases: [] }])}
        >
          {t('task.inWords')}
        </Button>
        <Button
          variant="subtle"
          size="compact-sm"
          mih={30}
          onClick={() => onAsk([{ kind: 'gaps', text: t('task.ownGaps'), gaps: [[t('task.ownGap')]] }])}
        >
          {t('task.withGaps')}
        </Button>
        {offers && offers.usual.length > 0 && (
          <Button variant="subtle" size="compact-sm" mih={30} onClick={() => onAsk(offers.usual)}>
            {t('task.usual')}
          </Button>
        )}
      </div>
    </div>
  )
}
