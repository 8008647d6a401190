import { Anchor, NativeSelect, Text, TextInput, VisuallyHidden } from '@mantine/core'
import { useDebouncedValue } from '@mantine/hooks'
import { keepPreviousData, useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { useTranslation } from 'react-i18next'
import { ProblemError, type Schemas } from '../api/client'
import { changeQuery } from '../api/queries'
import { ChartFrame } from '../ui/ChartFrame'
import frame from '../ui/ChartFrame.module.css'
import classes from './ChangePanel.module.css'

interface ChangePanelProps {
  analysis: Schemas['AnalysisView']
  /** What is in hand; the question starts from it if it is a part. */
  inHand: string
  onInHand: (name: string) => void
}

type Act = Schemas['ChangeRequest']['act']

const SIGNS: Record<string, string> = { increases: '↑', decreases: '↓', same: '=', undecided: '?' }

/**
 * What changes if a part is set otherwise: every cell before and after, and the reasons in their order, of all that
 * changes or of the one cell that is picked.
 */
export function ChangePanel({ analysis, inHand, onInHand }: ChangePanelProps) {
  const { t } = useTranslation()
  const parts = analysis.things.filter((thing) => thing.kind !== '')
  const part =
    parts.find((one) => one.name === inHand) ?? parts.find((one) => one.kind === 'switch') ?? parts[0]
  const acts: Act[] =
    part?.kind === 'switch'
      ? [part.setting === 'open' ? 'close' : 'open']
      : hasValue(part)
        ? ['out', 'short', 'set']
        : ['out', 'short']
  const [wanted, setAct] = useState<Act>('out')
  const act = acts.includes(wanted) ? wanted : acts[0]
  const [text, setText] = useState('')
  const [typed] = useDebouncedValue(text, 250)
  const [picked, setPicked] = useState<Schemas['CellView']>()
  const change = useQuery({
    ...changeQuery({
      notation: analysis.notation,
      style: analysis.style,
      part: part?.name ?? '',
      act: act ?? 'out',
      text: typed,
      cell: picked,
    }),
    enabled: part !== undefined && (act !== 'set' || typed.trim() !== ''),
    placeholderData: keepPreviousData,
  })
  const problem = change.error instanceof ProblemError ? change.error.problem : undefined
  const data = problem ? undefined : change.data
  const changed = new Map(data?.rows.map((row) => [row.before.id, row]))
  const name = (subject: string) => (subject === 'total' ? (data?.wholeWord ?? '') : subject)
  return (
    <div>
      <div className={classes.ask}>
        <NativeSelect
          size="xs"
          label={t('change.part')}
          value={part?.name}
          data={parts.map((one) => one.name)}
          onChange={(event) => onInHand(event.currentTarget.value)}
        />
        <NativeSelect
          size="xs"
          label={t('change.act')}
          value={act}
          data={acts.map((one) => ({ value: one, label: t(`change.acts.${one}`) }))}
          onChange={(event) => setAct(event.currentTarget.value as Act)}
        />
        {act === 'set' && (
          <TextInput
            size="xs"
            w={90}
            label={t('change.value')}
            value={text}
            placeholder={part?.setting}
            onChange={(event) => setText(event.currentTarget.value)}
          />
        )}
      </div>
      {problem && (
        <Text fz="sm" c="error" role="alert" mt="xs">
          {problem.detail}
        </Text>
      )}
      {data && (
        <>
          {data.lamps.length > 0 && (
            <p className={classes.lamps}>
              <b>{t('change.lamps')}</b> {data.lamps.join(' ')}
            </p>
          )}
          {!picked && (
            <Text fz="sm" c="dimmed" mt="xs">
              {t('change.pick')}
            </Text>
          )}
          {picked && (
            <p className={classes.lamps}>
              <b>
                {t('change.why', {
                  quantity: data.columns.find((column) => column.quantity === picked.quantity)?.word,
                  subject: name(picked.subject),
                })}
              </b>{' '}
              <Anchor component="button" underline="always" fz="sm" onClick={() => setPicked(undefined)}>
                {t('change.all')}
              </Anchor>
            </p>
          )}
          {picked && data.chain.length === 0 && (
            <Text fz="sm" mt="xs">
              {t('change.noChain')}
            </Text>
          )}
          <ol className={classes.chain} aria-label={t('change.chain')}>
            {data.chain.map((link) => (
              <li key={link.sentence}>
                <button
                  type="button"
                  className={classes.link}
                  onClick={() => onInHand(link.rows.find((row) => row !== 'total') ?? '')}
                >
                  {link.sentence}
                </button>
              </li>
            ))}
          </ol>
          <ChartFrame
            analysis={{
              rows: data.rows.map((row) => row.before),
              columns: data.columns,
              wholeWord: data.wholeWord,
            }}
            selected={inHand}
            onSelect={onInHand}
            cell={(row, column) => {
              const both = changed.get(row.id)
              const way = both?.directions[column.quantity] ?? 'undecided'
              const said = (one?: Schemas['RowView']) =>
                one?.shown[column.quantity] ?? t(`chart.none.${one?.condition ?? 'normal'}`)
              const here = picked?.subject === row.id && picked.quantity === column.quantity
              const moves = way === 'increases' || way === 'decreases'
              return (
                <button
                  type="button"
                  className={`${frame.value} ${classes.both}`}
                  data-way={way}
                  disabled={!moves}
                  aria-pressed={here}
                  onClick={() => setPicked(here ? undefined : { subject: row.id, quantity: column.quantity })}
                >
                  <VisuallyHidden>
                    {t('change.cell', {
                      quantity: column.word,
                      subject: name(row.id),
                      way: t(`change.ways.${way}`),
                      before: said(both?.before),
                      after: said(both?.after),
                    })}
                  </VisuallyHidden>
                  <span className={classes.before} aria-hidden>
                    {said(both?.before)}
                  </span>
                  <span aria-hidden>
                    {said(both?.after)} <span className={classes.sign}>{SIGNS[way]}</span>
                  </span>
                </button>
              )
            }}
          />
        </>
      )}
    </div>
  )
}

const hasValue = (part?: Schemas['ThingView']) => part !== undefined && /^[0-9]/.test(part.setting)
