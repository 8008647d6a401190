import type { ReactNode } from 'react'
import { useTranslation } from 'react-i18next'
import type { Schemas } from '../api/client'
import classes from './ChartFrame.module.css'
import { SubjectName } from './SubjectName'
import { useGridKeys } from './useGridKeys'

export type Row = Schemas['RowView']
export type Column = Schemas['ColumnView']
type AnyRow = Pick<Row, 'id' | 'kind'>
type AnyColumn = Omit<Column, 'unit'> & { unit?: string }

interface ChartFrameProps<R extends AnyRow, C extends AnyColumn> {
  analysis: { rows: R[]; columns: C[]; wholeWord: string; readings?: R[] }
  /** The row in hand. */
  selected?: string
  /** Rows of the stage in hand. */
  lit?: ReadonlySet<string>
  /** Without it rows are only read. */
  onSelect?: (row: string) => void
  /** Parts that get more than they are made for. */
  over?: readonly string[]
  cell: (row: R, column: C, place: number) => ReactNode
}

/** What a row has in a column: a point's potential stands among the voltages. */
export const quantityIn = (row: Row, column: Column): Schemas['CellView']['quantity'] =>
  row.kind === 'point' && column.quantity === 'voltage' ? 'potential' : column.quantity

/** What may not fit beside the numbers is told in full on hover. */
const LONG_NAME = 8

const LABELLED = ['part', 'group', 'voltmeter']

/** The chart's lines, letters and names; what stands in a cell is up to who uses it. */
export function ChartFrame<R extends AnyRow, C extends AnyColumn>({
  analysis,
  selected,
  lit,
  onSelect,
  over,
  cell,
}: ChartFrameProps<R, C>) {
  const { t } = useTranslation()
  const keys = useGridKeys()
  const name = (row: AnyRow) =>
    LABELLED.includes(row.kind) ? (
      <>
        <SubjectName id={row.id} />
        {over?.includes(row.id) && (
          <span className={classes.over} role="img" aria-label={t('chart.over')} title={t('chart.over')}>
            {' '}
            !
          </span>
        )}
      </>
    ) : row.kind === 'total' ? (
      analysis.wholeWord
    ) : row.kind === 'point' ? (
      t('chart.point', { name: row.id.slice(1) })
    ) : (
      t(`chart.${row.kind}`)
    )
  const rowClass = (row: AnyRow) =>
    [row.id === selected && classes.inHand, lit?.has(row.id) && classes.lit].filter(Boolean).join(' ')
  return (
    <table
      {...keys}
      className={classes.chart}
      data-dense={analysis.rows.length + (analysis.readings?.length ?? 0) > 9}
    >
      <caption className={classes.caption}>
        {t('chart.caption', { columns: analysis.columns.map((column) => column.word).join(', ') })}
      </caption>
      <thead>
        <tr>
          <td />
          {analysis.columns.map((column) => (
            <th key={column.quantity} scope="col">
              <abbr title={column.word}>
                <i>{column.symbol}</i>
              </abbr>{' '}
              {column.unit && <span className={classes.unit}>{column.unit}</span>}
            </th>
          ))}
        </tr>
      </thead>
      <tbody>
        {[...analysis.rows, ...(analysis.readings ?? [])].map((row) => (
          <tr
            key={row.id}
            data-row={row.id}
            data-lit={lit?.has(row.id) ?? false}
            className={rowClass(row)}
            aria-selected={row.id === selected}
          >
            <th scope="row" className={row.kind === 'group' ? classes.group : undefined}>
              {onSelect ? (
                <button
                  type="button"
                  className={classes.subject}
                  title={row.id.length > LONG_NAME ? row.id : undefined}
                  onClick={() => onSelect(row.id)}
                >
                  {name(row)}
                </button>
              ) : (
                <span className={classes.subject}>{name(row)}</span>
              )}
            </th>
            {analysis.columns.map((column, place) => (
              <td key={column.quantity}>{cell(row, column, place)}</td>
            ))}
          </tr>
        ))}
      </tbody>
    </table>
  )
}
