import {
  Button,
  Checkbox,
  NativeSelect,
  NumberInput,
  SegmentedControl,
  Stack,
  Text,
  Textarea,
} from '@mantine/core'
import { useQuery } from '@tanstack/react-query'
import { useTranslation } from 'react-i18next'
import { classesQuery, type PagesWanted } from '../api/queries'
import { announce } from '../ui/announce'
import type { Layout, PaperMaking, PaperView } from './keptPaper'
import classes from './PaperMaker.module.css'

interface PaperSettingsProps {
  made: PaperMaking
  told: PaperView
  onMade: (made: PaperMaking) => void
  wanted: PagesWanted
  onWanted: (wanted: PagesWanted) => void
}

/** What is shown, how the paper is laid out, and what there is to know before it is printed. */
export function PaperSettings({ made, told, onMade, wanted, onWanted }: PaperSettingsProps) {
  const { t } = useTranslation()
  const known = useQuery(classesQuery).data?.filter((one) => !one.archived) ?? []
  const layout = made.layout
  const put = (change: Partial<Layout>) => onMade({ ...made, layout: { ...layout, ...change } })
  const varies = told.questions.some((one) => one.varies)
  return (
    <section className={classes.settings}>
      <h2 className={classes.caption}>{t('paper.shown')}</h2>
      <SegmentedControl
        fullWidth
        transitionDuration={0}
        aria-label={t('paper.shown')}
        data={(['paper', 'answers', 'memo'] as const).map((value) => ({
          value,
          label: t(`paper.pages.${value}`),
        }))}
        value={wanted.what}
        onChange={(value) => onWanted({ ...wanted, what: value as PagesWanted['what'] })}
      />
      <Stack gap={0} mt="xs">
        <NativeSelect
          className={classes.setting}
          label={t('paper.style')}
          data={[
            { value: '', label: t('paper.usualStyle') },
            ...known.map((one) => ({ value: String(one.id), label: one.name })),
          ]}
          value={wanted.classroom === undefined ? '' : String(wanted.classroom)}
          onChange={(event) => {
            const id = event.currentTarget.value
            onWanted({ ...wanted, classroom: id === '' ? undefined : Number(id) })
          }}
        />
        <NativeSelect
          className={classes.setting}
          label={t('paper.versions')}
          data={(['same', 'two', 'each'] as const).map((value) => ({
            value,
            label: t(`paper.versionsAre.${value}`),
          }))}
          value={layout.versions ?? 'same'}
          onChange={(event) => put({ versions: event.currentTarget.value as Layout['versions'] })}
        />
        {varies && (
          <Button
            variant="subtle"
            size="compact-sm"
            my={4}
            onClick={() => {
              put({ seed: Math.floor(Math.random() * 1e9) + 2 })
              announce(t('paper.newValuesSaid'))
            }}
          >
            {t('paper.newValues')}
          </Button>
        )}
        <NativeSelect
          className={classes.setting}
          label={t('paper.room')}
          data={(['paper', 'sheet'] as const).map((value) => ({ value, label: t(`paper.rooms.${value}`) }))}
          value={layout.room ?? 'paper'}
          onChange={(event) => put({ room: event.currentTarget.value as Layout['room'] })}
        />
        <NativeSelect
          className={classes.setting}
          label={t('paper.page')}
          data={['A4', 'Letter']}
          value={layout.page ?? 'A4'}
          onChange={(event) => put({ page: event.currentTarget.value as Layout['page'] })}
        />
        <NumberInput
          className={classes.setting}
          hideControls
          label={t('paper.minutes')}
          min={1}
          max={600}
          allowDecimal={false}
          clampBehavior="strict"
          value={layout.minutes ?? ''}
          onChange={(value) => put({ minutes: value === '' ? null : Number(value) })}
        />
        <Textarea
          mt="sm"
          label={t('paper.instructions')}
          autosize
          minRows={2}
          maxRows={6}
          maxLength={2000}
          value={layout.instructions ?? ''}
          onChange={(event) => put({ instructions: event.currentTarget.value || null })}
        />
        <Checkbox
          mt="sm"
          label={t('paper.dataSheet')}
          checked={layout.dataSheet ?? false}
          onChange={(event) => put({ dataSheet: event.currentTarget.checked })}
        />
      </Stack>
      {told.checks.length > 0 && (
        <>
          <h2 className={classes.caption}>{t('paper.before')}</h2>
          <ul className={classes.checks}>
            {told.checks.map(({ holds, sentence }) => (
              <li key={sentence}>
                <Text span c={holds ? 'var(--ok)' : 'var(--copper)'} aria-hidden>
                  {holds ? '✓' : '!'}
                </Text>{' '}
                {sentence}
              </li>
            ))}
          </ul>
        </>
      )}
    </section>
  )
}
