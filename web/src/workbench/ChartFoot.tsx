import { Text } from '@mantine/core'
import { useTranslation } from 'react-i18next'
import type { Schemas } from '../api/client'
import { cellOf, withMarks, type Uses } from './cells'
import classes from './ChartFoot.module.css'
import { MarksField } from './MarksField'

interface ChartFootProps {
  analysis: Schemas['AnalysisView']
  uses: Uses
  onUses: (uses: Uses) => void
  /** The cell that was turned last. */
  cell: string
}

/** Under the chart: what the frames mean, the marks of the cell in hand, notes and checks. */
export function ChartFoot({ analysis, uses, onUses, cell }: ChartFootProps) {
  const { t } = useTranslation()
  const marks = uses.asked.get(cell)
  const { subject, quantity } = cellOf(cell)
  const whole = [...analysis.rows, ...analysis.readings].find((row) => row.id === subject)?.whole[quantity]
  const word =
    quantity === 'potential'
      ? t('chart.potential')
      : analysis.columns.find((column) => column.quantity === quantity)?.word
  return (
    <div className={classes.foot}>
      <div className={classes.legend}>
        <span className={classes.given}>{t('use.given')}</span>
        <span className={classes.asked}>{t('use.asked')}</span>
        <span>{t('use.withheld')}</span>
        <span className={classes.hint}>
          {whole
            ? t('chart.whole', { quantity: word, subject: subject.replace(/^\./, ''), whole })
            : t('chart.hint')}
        </span>
        {marks !== undefined && (
          <div className={classes.marks}>
            <MarksField
              key={cell}
              label={t('chart.marksOf', { subject: subject.replace(/^\./, ''), quantity: word })}
              marks={marks}
              onMarks={(value) => onUses(withMarks(uses, cell, value))}
            />
          </div>
        )}
      </div>
      <ul className={classes.checks} aria-label={t('chart.checks')}>
        {analysis.checks.map((check) => (
          <li key={check.kind + check.place + check.sentence} data-holds={check.holds}>
            <span className={check.holds ? classes.ok : classes.bad} aria-hidden>
              {check.holds ? '✓' : '≠'}
            </span>
            <span className={classes.kind}>
              {t(`check.${check.kind}`)} {check.place}
            </span>
            <span>{check.sentence}</span>
          </li>
        ))}
      </ul>
      {analysis.carriedRounded && (
        <Text fz="sm" c="dimmed" mt="xs">
          {t('chart.carried')}
        </Text>
      )}
      {analysis.notes.map((note) => (
        <Text key={note} fz="sm" c="dimmed" mt="xs">
          {note}
        </Text>
      ))}
      {analysis.onPaperOnly && (
        <Text fz="sm" mt="xs" role="note">
          {t('chart.onPaperOnly')}
        </Text>
      )}
    </div>
  )
}
