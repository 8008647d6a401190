import { Button, Group, NumberInput, Text, TextInput } from '@mantine/core'
import { useState } from 'react'
import { useTranslation } from 'react-i18next'
import { Link } from 'react-router'
import type { Schemas } from '../api/client'
import classes from './Review.module.css'

/** Up to so many marks each has a button; beyond, the number is typed. */
const MOST_BUTTONS = 9

interface AlikeRowProps {
  group: Schemas['Alike']
  of: number
  open: boolean
  /** Where the sheets of the learners are. */
  address: string
  onChoose: () => void
  /** Null leaves it to the marker. */
  onGive: (points: number | null, reason: string) => void
}

/** One answer with all who wrote it: the marker's word, and open what it earns, why, and whose it is. */
export function AlikeRow({ group, of, open, address, onChoose, onGive }: AlikeRowProps) {
  const { t } = useTranslation()
  return (
    <li className={classes.group} data-finding={group.finding}>
      <button type="button" data-group className={classes.row} aria-expanded={open} onClick={onChoose}>
        <span className={classes.text}>
          {group.variant && <span className={classes.soft}>{group.variant} </span>}
          {group.shown || group.text || t('finding.blank')}
        </span>
        <span className={classes.soft}>{group.slip || t(`finding.${group.finding}`)}</span>
        <span className={classes.count}>{t('review.wrote', { count: group.learners.length })}</span>
        <span className={classes.points}>
          {t('boxes.points', { points: group.points, of })}
          {group.given && <span className={classes.soft}> {t('review.byYou', { by: group.given.by })}</span>}
        </span>
      </button>
      {open && <Open group={group} of={of} address={address} onGive={onGive} />}
    </li>
  )
}

function Open({ group, of, address, onGive }: Pick<AlikeRowProps, 'group' | 'of' | 'address' | 'onGive'>) {
  const { t } = useTranslation()
  const kept = group.given?.reason ?? ''
  const [typed, setTyped] = useState<string>()
  const reason = typed ?? kept
  const give = (points: number | null) => {
    setTyped(undefined)
    onGive(points, points === null ? '' : reason)
  }
  return (
    <div className={classes.open}>
      {group.finding !== 'right' && <Text size="sm">{group.sentence}</Text>}
      {group.shown && group.shown !== group.text && (
        <Text size="sm" c="dimmed" className={classes.typed}>
          {t('review.typed', { text: group.text })}
        </Text>
      )}
      <Group gap="md" align="end">
        {of <= MOST_BUTTONS ? (
          <Button.Group aria-label={t('review.points')}>
            {Array.from({ length: of + 1 }, (_, points) => (
              <Button
                key={points}
                variant={points === group.points ? 'filled' : 'default'}
                aria-pressed={points === group.points}
                onClick={() => give(points)}
              >
                {points}
              </Button>
            ))}
          </Button.Group>
        ) : (
          <NumberInput
            label={t('review.points')}
            min={0}
            max={of}
            defaultValue={group.points}
            onKeyDown={(event) => event.key === 'Enter' && give(Number(event.currentTarget.value))}
          />
        )}
        <TextInput
          data-reason
          className={classes.reason}
          label={t('review.reason')}
          maxLength={300}
          value={reason}
          onChange={(event) => setTyped(event.currentTarget.value)}
          onKeyDown={(event) => {
            if (event.key === 'Escape') event.currentTarget.blur()
            if (event.key !== 'Enter') return
            give(group.points)
            event.currentTarget.blur()
          }}
        />
        {group.given && (
          <Button variant="subtle" onClick={() => give(null)}>
            {t('review.leave', { points: group.own, of })}
          </Button>
        )}
      </Group>
      <Text size="sm">
        {group.learners.map((one, place) => (
          <span key={one.id}>
            {place > 0 && ', '}
            <Link className={classes.name} to={`${address}/${one.id}`}>
              {one.displayName}
            </Link>
          </span>
        ))}
      </Text>
    </div>
  )
}
