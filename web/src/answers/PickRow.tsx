import { Button, Group, Text } from '@mantine/core'
import type { ReactNode } from 'react'
import { useTranslation } from 'react-i18next'
import classes from './Tasks.module.css'

interface PickProps {
  label: ReactNode
  says?: string
  /** Whether it is in hand, where it is something that can be. */
  pressed?: boolean
  /** What the others lead to. */
  main?: boolean
  onPick: () => void
}

/** A key that writes something, or takes it in hand. */
export function Pick({ label, says, pressed, main, onPick }: PickProps) {
  return (
    <Button
      variant={main ? 'outline' : pressed ? 'light' : 'default'}
      size="md"
      px="sm"
      aria-label={says}
      aria-pressed={pressed}
      onClick={onPick}
    >
      {label}
    </Button>
  )
}

/** Keys in a row, with what they are for, and one that takes the last back. */
export function PickRow({ hint, children, back }: { hint: string; children: ReactNode; back?: () => void }) {
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
