import { Button, Group, Text } from '@mantine/core'
import { useEffect, useRef } from 'react'
import { useTranslation } from 'react-i18next'
import { announce } from '../ui/announce'
import { atClock } from '../ui/when'
import type { KeepingState } from './kept'

interface KeptStateProps {
  state: KeepingState
  keptAt: string | null
  onTry: () => void
}

/** How it stands with keeping, in a word. Being kept is the usual and is not announced; that it is not, and is again, is. */
export function KeptState({ state, keptAt, onTry }: KeptStateProps) {
  const { t } = useTranslation()
  const unkept = state.is === 'waiting' || state.is === 'refused'
  const word = unkept
    ? t('keeping.notKept', { reason: state.reason })
    : state.is === 'keeping'
      ? t('keeping.keeping')
      : state.is === 'kept' && keptAt
        ? t('keeping.kept', { time: atClock(keptAt) })
        : ''
  const was = useRef(false)
  useEffect(() => {
    if (unkept !== was.current) announce(unkept ? word : t('keeping.again'))
    was.current = unkept
  }, [unkept, word, t])
  return (
    <Group gap="xs" wrap="nowrap">
      <Text c="dimmed" fz="xs" data-testid="kept">
        {word}
      </Text>
      {unkept && (
        <Button size="compact-sm" variant="default" onClick={onTry}>
          {t('ui.retry')}
        </Button>
      )}
    </Group>
  )
}
