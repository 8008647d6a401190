import { Button, Group, NativeSelect, Stack, Switch, TextInput, Title } from '@mantine/core'
import { keepPreviousData, useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { useTranslation } from 'react-i18next'
import { Link, useParams } from 'react-router'
import { client, type Schemas } from '../api/client'
import { classQuery, classStyleQuery, stylePresetsQuery, styleSampleQuery } from '../api/queries'
import { Failed } from '../ui/Failed'
import { Loading } from '../ui/Loading'
import { notify } from '../ui/notify'
import { Screen } from '../ui/Screen'
import classes from './ClassStyle.module.css'
import { StyleSample } from './StyleSample'

type Style = Schemas['ClassStyleBody']

const CHOICES = {
  decimalSign: ['.', ','],
  rounding: ['figures', 'decimals'],
  voltageLetter: ['V', 'E', 'U'],
  voltageWord: ['voltage', 'potential difference'],
  whole: ['total', 'equivalent', 'effective'],
  resistor: ['rectangle', 'zigzag'],
  arrow: ['conventional', 'electron-flow'],
  parallelForm: ['reciprocal-sum', 'product-over-sum'],
  foldingOrder: ['series-first', 'innermost-first'],
} as const

const NUMBERS = {
  digits: [0, 1, 2, 3, 4, 5, 6],
  tolerance: [0.5, 1, 2, 3, 5],
  leastFigures: [1, 2, 3],
} as const

const SWITCHES = {
  numbers: ['carryRounded', 'groupPowers'],
  marking: ['unitRequired', 'unitWords', 'followThrough', 'answerAlone'],
} as const

/** A class's own style: each setting, and beside them one small circuit drawn, worked and marked as they say. */
export default function ClassStyle() {
  const { t } = useTranslation()
  const id = Number(useParams().classId)
  const classroom = useQuery(classQuery(id))
  const kept = useQuery(classStyleQuery(id))
  if (kept.isLoadingError) return <Failed error={kept.error} onRetry={() => void kept.refetch()} />
  if (kept.isPending || classroom.isPending) return <Loading />
  return (
    <Screen
      title={t('classStyle.title')}
      aside={classroom.data?.name}
      actions={
        <Button variant="default" component={Link} to={`/classes/${id}`}>
          {t('classStyle.back')}
        </Button>
      }
    >
      <Editor id={id} kept={kept.data} />
    </Screen>
  )
}

function Editor({ id, kept }: { id: number; kept: Style }) {
  const { t } = useTranslation()
  const queries = useQueryClient()
  const [style, setStyle] = useState(kept)
  const presets = useQuery(stylePresetsQuery)
  const sample = useQuery({ ...styleSampleQuery(style), placeholderData: keepPreviousData })
  const keep = useMutation({
    mutationFn: () => client.PUT('/api/classes/{id}/style', { params: { path: { id } }, body: style }),
    onSuccess: async () => {
      await queries.invalidateQueries({ queryKey: ['classes', id, 'style'] })
      notify(t('classStyle.kept'))
    },
  })
  const set = (change: Partial<Style>) => setStyle({ ...style, ...change })
  const select = (key: keyof typeof CHOICES) => (
    <NativeSelect
      key={key}
      label={t(`classStyle.${key}`)}
      value={style[key]}
      data={CHOICES[key].map((value) => ({
        value,
        label: t(`classStyle.values.${value === '.' ? 'point' : value === ',' ? 'comma' : value}`),
      }))}
      onChange={(event) => set({ [key]: event.currentTarget.value })}
    />
  )
  const number = (key: keyof typeof NUMBERS) => (
    <NativeSelect
      key={key}
      label={t(`classStyle.${key}`)}
      value={String(style[key])}
      data={NUMBERS[key].map((value) => ({ value: String(value), label: String(value) }))}
      onChange={(event) => set({ [key]: Number(event.currentTarget.value) })}
    />
  )
  const toggle = (key: (typeof SWITCHES)['numbers' | 'marking'][number]) => (
    <Switch
      key={key}
      label={t(`classStyle.${key}`)}
      checked={style[key] ?? true}
      onChange={(event) => set({ [key]: event.currentTarget.checked })}
    />
  )
  const changed = JSON.stringify(style) !== JSON.stringify(kept)
  const problem = keep.error ?? sample.error
  return (
    <div className={classes.columns}>
      <Stack gap="md" role="group" aria-label={t('classStyle.title')}>
        <Group grow align="flex-end">
          <TextInput
            label={t('classStyle.name')}
            maxLength={60}
            value={style.name}
            onChange={(event) => set({ name: event.currentTarget.value })}
          />
          <NativeSelect
            label={t('classStyle.from')}
            value=""
            data={[
              { value: '', label: t('classStyle.choose') },
              ...(presets.data ?? []).map(({ name }) => ({ value: name, label: name })),
            ]}
            onChange={(event) => {
              const preset = presets.data?.find(({ name }) => name === event.currentTarget.value)
              if (preset) setStyle(preset)
            }}
          />
        </Group>
        <Title order={2} size="h4">
          {t('classStyle.numbers')}
        </Title>
        <div className={classes.fields}>
          {select('decimalSign')}
          {select('rounding')}
          {number('digits')}
        </div>
        {SWITCHES.numbers.map(toggle)}
        <Title order={2} size="h4">
          {t('classStyle.words')}
        </Title>
        <div className={classes.fields}>
          {select('voltageLetter')}
          {select('voltageWord')}
          {select('whole')}
        </div>
        <Title order={2} size="h4">
          {t('classStyle.drawing')}
        </Title>
        <div className={classes.fields}>
          {select('resistor')}
          {select('arrow')}
          {select('parallelForm')}
          {select('foldingOrder')}
        </div>
        <Title order={2} size="h4">
          {t('classStyle.marking')}
        </Title>
        {SWITCHES.marking.map(toggle)}
        <div className={classes.fields}>
          {number('tolerance')}
          {number('leastFigures')}
        </div>
        {problem && (
          <p role="alert" className={classes.problem}>
            {problem.message}
          </p>
        )}
        <Group>
          <Button onClick={() => keep.mutate()} loading={keep.isPending} disabled={!changed}>
            {t('classStyle.keep')}
          </Button>
          {changed && (
            <Button variant="subtle" onClick={() => setStyle(kept)}>
              {t('classStyle.undo')}
            </Button>
          )}
        </Group>
      </Stack>
      <section aria-label={t('classStyle.sample')} aria-live="off">
        <Title order={2} size="h4">
          {t('classStyle.sample')}
        </Title>
        {sample.data ? <StyleSample sample={sample.data} /> : <Loading />}
      </section>
    </div>
  )
}
