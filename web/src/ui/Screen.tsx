import { Group, Text } from '@mantine/core'
import type { ReactNode } from 'react'
import classes from './Screen.module.css'
import { ScreenTitle } from './ScreenTitle'

interface ScreenProps {
  title: string
  /** One line beside the title. */
  aside?: ReactNode
  /** What can be done with the whole screen, at the right. */
  actions?: ReactNode
  children: ReactNode
}

/** A screen's head and its room. */
export function Screen({ title, aside, actions, children }: ScreenProps) {
  return (
    <>
      <div className={classes.head}>
        <Group gap="md" wrap="wrap">
          <ScreenTitle title={title} />
          {aside && (
            <Text c="dimmed" component="div">
              {aside}
            </Text>
          )}
        </Group>
        <Group gap="sm">{actions}</Group>
      </div>
      <div className={classes.body}>{children}</div>
    </>
  )
}
