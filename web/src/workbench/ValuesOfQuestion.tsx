import {
  ActionIcon,
  Alert,
  Button,
  Checkbox,
  Group,
  NativeSelect,
  NumberInput,
  Text,
  TextInput,
} from '@mantine/core'
import { useTranslation } from 'react-i18next'
import type { Schemas } from '../api/client'
import { varying, type Asking } from './asking'
import classes from './QuestionPanel.module.css'
import type { FoundValues } from './useFoundValues'

type Condition = Schemas['ConditionBody']

const CONDITIONS = [
  { kind: 'short-answers', figures: 2 },
  { kind: 'short-currents', figures: 2 },
  { kind: 'whole-totals' },
  { kind: 'below-ratings' },
  { kind: 'different-values' },
  { kind: 'different-answers' },
] satisfies Condition[]

interface ValuesOfQuestionProps {
  asking: Asking
  onAsking: (asking: Asking, typedAt?: number) => void
  values: FoundValues
  /** Gives the circuit nice values. */
  onNice: () => void
}

/** What varies in the question, under which conditions, and how many sets of values there are. */
export function ValuesOfQuestion({ asking, onAsking, values, onNice }: ValuesOfQuestionProps) {
  const { t } = useTranslation()
  const vary = asking.vary ?? []
  const conditions = asking.conditions ?? []
  const { data, problem } = values
  const free = (data?.things ?? []).filter((thing) => !vary.some((one) => one.thing === thing))
  const set = (next: Condition[]) => onAsking({ ...asking, conditions: next })
  return (
    <details className={classes.more}>
      <summary>
        {t('values.title')}
        {vary.length > 0 && data && !problem && (
          <Text span c="dimmed" fz="xs">
            {' '}
            {t(data.all ? 'values.sets' : 'values.atLeast', { count: data.count })}
            {data.difficulty.length > 0 &&
              ` · ${t(data.difficulty.length > 1 ? 'values.harder' : 'values.alike', {
                levels: data.difficulty.map((level) => t(`difficulty.${level}`)).join(', '),
              })}`}
          </Text>
        )}
      </summary>
      {vary.map((one, place) => (
        <Group key={one.thing} gap="xs" mt="xs" wrap="nowrap" align="flex-start">
          <Text w={44} pt={10}>
            {one.thing}
          </Text>
          <TextInput
            flex={1}
            aria-label={t('values.of', { thing: one.thing })}
            placeholder="4 to 20 by 2"
            spellCheck={false}
            value={one.values}
            error={problem?.thing === one.thing ? problem.detail : undefined}
            onChange={(event) =>
              onAsking(
                { ...asking, vary: vary.with(place, { ...one, values: event.currentTarget.value }) },
                Date.now(),
              )
            }
          />
          <ActionIcon
            variant="subtle"
            color="gray"
            size={44}
            aria-label={t('values.fix', { thing: one.thing })}
            onClick={() => onAsking(varying(asking, one.thing))}
          >
            ×
          </ActionIcon>
        </Group>
      ))}
      <Group gap="sm" mt="xs" align="flex-end">
        <NativeSelect
          aria-label={t('values.add')}
          w={200}
          disabled={free.length === 0}
          data={[
            { value: '', label: t('values.add') },
            ...free.map((thing) => ({ value: thing, label: thing })),
          ]}
          value=""
          onChange={(event) => onAsking(varying(asking, event.currentTarget.value, ''))}
        />
        <Button variant="default" mih={44} onClick={onNice}>
          {t('values.nice')}
        </Button>
      </Group>
      {vary.length > 0 && (
        <div role="group" aria-label={t('values.conditions')}>
          <Text c="dimmed" fz="xs" mt="sm">
            {t('values.conditions')}
          </Text>
          {CONDITIONS.map((usual) => {
            const at = conditions.findIndex((one) => one.kind === usual.kind)
            const own = conditions[at]
            return (
              <Group key={usual.kind} gap="sm" mt={6}>
                <Checkbox
                  label={t(`values.condition.${usual.kind}`)}
                  checked={own !== undefined}
                  onChange={(event) =>
                    set(
                      event.currentTarget.checked
                        ? [...conditions, usual]
                        : conditions.filter((one) => one.kind !== usual.kind),
                    )
                  }
                />
                {own?.figures != null && (
                  <NumberInput
                    aria-label={t('values.figures')}
                    size="xs"
                    w={64}
                    min={1}
                    max={6}
                    clampBehavior="strict"
                    value={own.figures}
                    onChange={(figures) =>
                      Number(figures) > 0 && set(conditions.with(at, { ...own, figures: Number(figures) }))
                    }
                  />
                )}
              </Group>
            )
          })}
        </div>
      )}
      {vary.length > 0 && data && data.none !== '' && !problem && (
        <Alert color="copper" variant="outline" role="alert" mt="sm">
          {data.none}
        </Alert>
      )}
      {vary.length > 0 && data && data.sets.length > 0 && !problem && (
        <>
          <Text c="dimmed" fz="xs" mt="sm">
            {t('values.first')}
          </Text>
          <ul className={classes.sets}>
            {data.sets.slice(0, 4).map((one) => {
              const text = one.map(({ thing, shown }) => `${thing} ${shown}`).join(', ')
              return <li key={text}>{text}</li>
            })}
          </ul>
        </>
      )}
    </details>
  )
}
