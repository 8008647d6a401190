import { Anchor, Group, Text } from '@mantine/core'
import { useMutation } from '@tanstack/react-query'
import { useTranslation } from 'react-i18next'
import { announce } from './announce'
import { notifyFailure } from './notify'

interface RemovedThing {
  id: number
  name: string
}

interface RemovedListProps {
  /** What they are; without it, what was removed lately. */
  title?: string
  things: RemovedThing[]
  onBringBack: (id: number) => Promise<unknown>
}

/** What was removed and can still be brought back; folded away, and not there at all where there is nothing. */
export function RemovedList({ title, things, onBringBack }: RemovedListProps) {
  const { t } = useTranslation()
  const bringBack = useMutation({
    mutationFn: (thing: RemovedThing) => onBringBack(thing.id),
    onSuccess: (_, thing) => announce(t('removed.back', { name: thing.name })),
    onError: notifyFailure,
  })
  if (things.length === 0) return null
  return (
    <details>
      <Text component="summary" c="dimmed" fz="xs" py={10}>
        {title ?? t('removed.title', { count: things.length })}
      </Text>
      <ul>
        {things.map((thing) => (
          <li key={thing.id}>
            <Group gap="sm" justify="space-between" wrap="nowrap">
              <Text truncate>{thing.name}</Text>
              <Anchor
                component="button"
                type="button"
                aria-label={`${t('removed.bringBack')}: ${thing.name}`}
                onClick={() => bringBack.mutate(thing)}
              >
                {t('removed.bringBack')}
              </Anchor>
            </Group>
          </li>
        ))}
      </ul>
    </details>
  )
}
