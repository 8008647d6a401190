import { Button, Group, Text } from '@mantine/core'
import { useDebouncedValue } from '@mantine/hooks'
import { keepPreviousData, useQuery } from '@tanstack/react-query'
import { useMemo, useState } from 'react'
import { useTranslation } from 'react-i18next'
import { ProblemError, type Schemas } from '../api/client'
import { backwardsQuery } from '../api/queries'
import { ChartFrame } from '../ui/ChartFrame'
import classes from './BackwardsPanel.module.css'
import { cellOf, keyOf, type Uses } from './cells'
import { Working } from './Working'

interface BackwardsPanelProps {
  analysis: Schemas['AnalysisView']
  inHand: string
  onInHand: (name: string) => void
  /** Takes a circuit over that was found, with what was typed as given and what was cleared as asked. */
  onTake: (notation: string, uses: Uses) => void
}

type Known = ReadonlyMap<string, string>

/** Any value cleared, any other typed instead: the rest follows, or what is missing is said. */
export function BackwardsPanel({ analysis, inHand, onInHand, onTake }: BackwardsPanelProps) {
  const { t } = useTranslation()
  // The same map as long as the circuit is the same: another one would count as typed, and be drawn, without end.
  const settings: Known = useMemo(
    () => new Map(analysis.settings.map((one) => [keyOf(one.cell), one.text])),
    [analysis],
  )
  const [held, setHeld] = useState<Known>()
  const known = held ?? settings
  const [typed] = useDebouncedValue(known, 250)
  const work = useQuery({
    ...backwardsQuery({
      notation: analysis.notation,
      style: analysis.style,
      known: [...typed].map(([key, text]) => ({ cell: cellOf(key), text })),
    }),
    placeholderData: keepPreviousData,
  })
  const problem = work.error instanceof ProblemError ? work.error.problem : undefined
  const data = work.data
  // What was found may still be of what was typed before; only what is of the last key is taken over.
  const isLatest = typed === known && !work.isPlaceholderData
  const found = new Map(data?.rows.map((row) => [row.id, row.shown]))
  const type = (key: string, text: string) => {
    const next = new Map(known)
    if (text) next.set(key, text)
    else next.delete(key)
    setHeld(next)
  }
  const cleared = [...settings.keys()].filter((key) => !known.has(key))
  const learned: Uses = {
    given: new Set(known.keys()),
    asked: new Map(cleared.map((key) => [key, 1])),
  }
  const several = (data?.notations.length ?? 0) > 1
  return (
    <div>
      <Text fz="sm" c="dimmed">
        {t('backwards.hint')}
      </Text>
      <p className={classes.outcome} data-outcome={problem ? 'unread' : data?.outcome} role="status">
        {problem ? problem.detail : data?.sentence}
      </p>
      <ChartFrame
        analysis={{
          rows: analysis.rows,
          columns: data?.columns ?? analysis.columns,
          wholeWord: analysis.wholeWord,
        }}
        selected={inHand}
        onSelect={onInHand}
        cell={(row, column) => {
          const key = keyOf({ subject: row.id, quantity: column.quantity })
          if (row.shown[column.quantity] === undefined && row.condition !== 'normal') {
            return <span className={classes.none}>{t(`chart.none.${row.condition}`)}</span>
          }
          return (
            <input
              className={classes.cell}
              data-known={known.has(key)}
              aria-label={t('backwards.cell', { quantity: column.word, subject: row.id })}
              value={known.get(key) ?? ''}
              placeholder={problem ? '' : found.get(row.id)?.[column.quantity]}
              autoComplete="off"
              spellCheck={false}
              onChange={(event) => type(key, event.currentTarget.value)}
            />
          )
        }}
      />
      <div className={several ? classes.several : classes.one}>
        {/* First, since what is found comes later and would push it from under a finger. */}
        <Group gap="xs">
          <Button size="compact-sm" variant="subtle" onClick={() => setHeld(new Map())}>
            {t('backwards.clear')}
          </Button>
          {held && (
            <Button size="compact-sm" variant="subtle" onClick={() => setHeld(undefined)}>
              {t('backwards.reset')}
            </Button>
          )}
        </Group>
        <Group gap="xs">
          {data?.notations.map((notation) => (
            <Button
              key={notation}
              size="compact-sm"
              px="sm"
              variant={several ? 'light' : 'filled'}
              disabled={!isLatest}
              onClick={() => onTake(notation, learned)}
            >
              {several ? notation : t('backwards.take')}
            </Button>
          ))}
        </Group>
      </div>
      {data && !problem && <Working steps={data.steps} onInHand={onInHand} />}
    </div>
  )
}
