import { Stack, Text } from '@mantine/core'
import type { ReactNode } from 'react'

/** A list with nothing in it yet: what will stand here, and how it begins. */
export function Empty({ text, children }: { text: string; children?: ReactNode }) {
  return (
    <Stack align="flex-start" gap="sm" py="lg">
      <Text c="dimmed">{text}</Text>
      {children}
    </Stack>
  )
}
