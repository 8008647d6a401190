import { useTranslation } from 'react-i18next'
import type { Schemas } from '../api/client'
import { SubjectName } from '../ui/SubjectName'
import { COLUMNS } from '../workbench/cells'
import classes from '../workbench/ChartTable.module.css'

/** The chart to read, not to turn. */
export function TrueChart({ analysis, selected }: { analysis: Schemas['AnalysisView']; selected: string }) {
  const { t } = useTranslation()
  return (
    <table className={classes.chart}>
      <caption className={classes.caption}>{t('chart.caption')}</caption>
      <thead>
        <tr>
          <td />
          {COLUMNS.map((column) => (
            <th key={column} scope="col">
              {t(`quantity.${column}`)} <span className={classes.unit}>{analysis.units[column]}</span>
            </th>
          ))}
        </tr>
      </thead>
      <tbody>
        {analysis.rows.map((row) => (
          <tr key={row.id} className={row.id === selected ? classes.inHand : undefined}>
            <th scope="row" className={row.kind === 'group' ? classes.group : undefined}>
              <span
                className={classes.subject}
                style={{ display: 'block', cursor: 'auto', lineHeight: '40px' }}
              >
                <SubjectName
                  id={row.kind === 'part' || row.kind === 'group' ? row.id : t(`chart.${row.kind}`)}
                />
              </span>
            </th>
            {COLUMNS.map((column) => (
              <td key={column}>
                <span
                  className={classes.cell}
                  style={{ display: 'block', cursor: 'auto', lineHeight: '32px' }}
                >
                  {row.shown[column] ?? t(`chart.none.${row.condition}`)}
                </span>
              </td>
            ))}
          </tr>
        ))}
      </tbody>
    </table>
  )
}
