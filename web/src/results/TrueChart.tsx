import { useTranslation } from 'react-i18next'
import type { Schemas } from '../api/client'
import { ChartFrame } from '../ui/ChartFrame'
import classes from '../ui/ChartFrame.module.css'

/** The chart to read, not to turn. */
export function TrueChart({ analysis, selected }: { analysis: Schemas['AnalysisView']; selected: string }) {
  const { t } = useTranslation()
  return (
    <ChartFrame
      analysis={analysis}
      selected={selected}
      cell={(row, column) => (
        <span className={classes.value}>
          {row.shown[column.quantity] ?? t(`chart.none.${row.condition}`)}
        </span>
      )}
    />
  )
}
