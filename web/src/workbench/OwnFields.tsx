import { Checkbox, TextInput } from '@mantine/core'
import { useTranslation } from 'react-i18next'
import type { TaskBody } from './asking'

interface OwnFieldsProps {
  task: TaskBody
  onTask: (task: TaskBody) => void
}

/** What a task has that no other kind has. */
export function OwnFields({ task, onTask }: OwnFieldsProps) {
  const { t } = useTranslation()
  const flag = (key: 'letters' | 'bandsAsked' | 'reason' | 'count' | 'first', label: string = key) => (
    <Checkbox
      mt="xs"
      label={t(`task.${label}`)}
      checked={task[key] ?? false}
      onChange={(event) =>
        onTask({
          ...task,
          [key]: event.currentTarget.checked,
          ...((key === 'letters' || key === 'first') && { marks: undefined }),
        })
      }
    />
  )
  const value = (label: string) => (
    <TextInput
      label={label}
      w={140}
      value={task.value ?? ''}
      onChange={(event) => onTask({ ...task, value: event.currentTarget.value })}
    />
  )
  switch (task.kind) {
    case 'fold':
      return flag('letters')
    case 'breaker':
      return flag('count')
    case 'joint':
      return flag('reason')
    case 'compare':
      return flag('reason', 'why')
    case 'rank':
      return (
        <>
          {flag('first')}
          {flag('reason', 'why')}
        </>
      )
    case 'connect':
      return value(t('task.wanted'))
    case 'colour-code':
      return (
        <>
          {value(t('task.tolerance'))}
          {flag('bandsAsked')}
        </>
      )
    default:
      return null
  }
}
