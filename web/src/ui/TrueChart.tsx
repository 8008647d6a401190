import { useTranslation } from 'react-i18next'
import type { Schemas } from '../api/client'
import { ChartFrame, quantityIn } from './ChartFrame'
import classes from './ChartFrame.module.css'

const isReading = (row: Schemas['RowView']) => row.kind === 'voltmeter' || row.kind === 'point'

/** The chart to read, not to turn. */
export function TrueChart({
  analysis,
  selected,
}: {
  analysis: Schemas['AnalysisView']
  /** The row in hand. */
  selected?: string
}) {
  const { t } = useTranslation()
  return (
    <ChartFrame
      analysis={analysis}
      selected={selected}
      over={analysis.overRated}
      cell={(row, column) => (
        <span className={classes.value} title={row.whole[quantityIn(row, column)]}>
          {row.shown[quantityIn(row, column)] ?? t(`chart.none.${isReading(row) ? 'normal' : row.condition}`)}
        </span>
      )}
    />
  )
}
