import {
  ActionIcon,
  Button,
  Checkbox,
  Group,
  MultiSelect,
  NativeSelect,
  Text,
  TextInput,
} from '@mantine/core'
import { useTranslation } from 'react-i18next'
import type { Schemas } from '../api/client'
import { addedParts, type Asking } from './asking'
import { keyOf } from './cells'
import classes from './QuestionPanel.module.css'

const TOLD = ['time', 'charge', 'energy', 'cost'] as const

interface MoreOfQuestionProps {
  analysis: Schemas['AnalysisView']
  asking: Asking
  onAsking: (asking: Asking, typedAt?: number) => void
}

/** Whether the drawing is shown, what parts are called, and for how long things run. */
export function MoreOfQuestion({ analysis, asking, onAsking }: MoreOfQuestionProps) {
  const { t } = useTranslation()
  const running = asking.running ?? []
  const things = analysis.rows.map(({ id }) => id)
  const told = (thing: string) =>
    TOLD.filter((quantity) => asking.given.has(keyOf({ subject: thing, quantity })))
  /** What is given when nothing is told of the time of one thing, and this of another. */
  const given = (thing: string, other: string, tell: readonly string[]) => {
    const cells = new Set(asking.given)
    for (const quantity of TOLD) cells.delete(keyOf({ subject: thing, quantity }))
    for (const quantity of tell) cells.add(`${other} ${quantity}`)
    return cells
  }
  const add = () => {
    const thing = things.find((one) => !running.some((row) => row.things.includes(one)))
    if (!thing) return
    onAsking({
      ...asking,
      running: [...running, { things: [thing], time: '60 s' }],
      given: new Set([...asking.given, `${thing} time`]),
    })
  }
  return (
    <details className={classes.more}>
      <summary>{t('task.more')}</summary>
      <Checkbox
        mt="sm"
        label={t('task.hidden')}
        checked={asking.drawing === 'hidden'}
        onChange={(event) =>
          onAsking({ ...asking, drawing: event.currentTarget.checked ? 'hidden' : undefined })
        }
      />
      <Group role="group" aria-label={t('task.names')} gap="xs" mt="xs">
        <Text w="100%" c="dimmed" fz="sm" aria-hidden>
          {t('task.names')}
        </Text>
        {[
          ...analysis.things.filter(({ kind }) => kind !== '').map(({ name }) => name),
          ...addedParts(asking),
        ].map((label) => (
          <TextInput
            key={label}
            label={label}
            aria-label={t('task.nameOf', { part: label })}
            w={96}
            size="xs"
            maxLength={12}
            placeholder={label}
            value={asking.names?.[label] ?? ''}
            onChange={(event) =>
              onAsking(
                { ...asking, names: { ...asking.names, [label]: event.currentTarget.value.trim() } },
                Date.now(),
              )
            }
          />
        ))}
      </Group>
      <div role="group" aria-label={t('task.running')}>
        {running.map((row, place) => {
          const thing = row.things[0] ?? ''
          return (
            // A row is told by its place.
            <Group key={place} gap="sm" mt="xs" align="flex-end">
              <NativeSelect
                label={t('task.runs')}
                data={things}
                value={thing}
                onChange={(event) => {
                  const other = event.currentTarget.value
                  onAsking({
                    ...asking,
                    running: running.with(place, { ...row, things: [other] }),
                    given: given(thing, other, told(thing)),
                  })
                }}
              />
              <TextInput
                label={t('task.time')}
                w={100}
                value={row.time}
                onChange={(event) =>
                  onAsking(
                    { ...asking, running: running.with(place, { ...row, time: event.currentTarget.value }) },
                    Date.now(),
                  )
                }
              />
              <MultiSelect
                label={t('task.told')}
                data={TOLD.map((quantity) => ({ value: quantity, label: t(`quantity.${quantity}`) }))}
                value={told(thing)}
                onChange={(tell) => onAsking({ ...asking, given: given(thing, thing, tell) })}
              />
              <ActionIcon
                variant="subtle"
                color="gray"
                aria-label={t('task.stop', { name: thing })}
                onClick={() =>
                  onAsking({
                    ...asking,
                    running: running.toSpliced(place, 1),
                    given: given(thing, thing, []),
                  })
                }
              >
                ×
              </ActionIcon>
            </Group>
          )
        })}
      </div>
      <Group gap="sm" mt="xs" align="flex-end">
        <Button variant="subtle" size="compact-sm" mih={36} onClick={add}>
          {t('task.addTime')}
        </Button>
        {running.length > 0 && (
          <TextInput
            label={t('task.tariff')}
            w={140}
            placeholder="0.20"
            value={asking.tariff ?? ''}
            onChange={(event) =>
              onAsking({ ...asking, tariff: event.currentTarget.value || null }, Date.now())
            }
          />
        )}
      </Group>
    </details>
  )
}
