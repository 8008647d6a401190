import type { KeyboardEvent } from 'react'
import { useTranslation } from 'react-i18next'
import type { Schemas } from '../api/client'
import { SubjectName } from '../ui/SubjectName'
import { COLUMNS, keyOf, turned, cellUse, withMarks, type Column, type Row, type Uses } from './cells'
import classes from './ChartTable.module.css'

interface ChartTableProps {
  analysis: Schemas['AnalysisView']
  uses: Uses
  onUses: (uses: Uses) => void
  /** The row in hand. */
  selected: string
  onSelect: (row: string) => void
  /** The cell whose marks are being set. */
  onCell: (key: string) => void
}

const LETTERS: Record<Column, string> = { resistance: 'R', voltage: 'V', current: 'I', power: 'P' }
const KEYS = { g: 'given', a: 'asked', w: 'withheld' } as const

/** The whole chart; a click or a key on a cell turns it given, asked or withheld. */
export function ChartTable({ analysis, uses, onUses, selected, onSelect, onCell }: ChartTableProps) {
  const { t } = useTranslation()
  return (
    <table className={classes.chart}>
      <caption className={classes.caption}>{t('chart.caption')}</caption>
      <thead>
        <tr>
          <td />
          {COLUMNS.map((column) => (
            <th key={column} scope="col">
              <abbr title={t(`quantity.${column}`)}>
                <i>{LETTERS[column]}</i>
              </abbr>{' '}
              <span className={classes.unit}>{analysis.units[column]}</span>
            </th>
          ))}
        </tr>
      </thead>
      <tbody>
        {analysis.rows.map((row) => (
          <tr
            key={row.id}
            data-row={row.id}
            className={row.id === selected ? classes.inHand : undefined}
            aria-selected={row.id === selected}
          >
            <th scope="row" className={row.kind === 'group' ? classes.group : undefined}>
              <button type="button" className={classes.subject} onClick={() => onSelect(row.id)}>
                <SubjectName
                  id={row.kind === 'part' || row.kind === 'group' ? row.id : t(`chart.${row.kind}`)}
                />
              </button>
            </th>
            {COLUMNS.map((column) => (
              <td key={column}>
                <ChartCell row={row} column={column} uses={uses} onUses={onUses} onCell={onCell} />
              </td>
            ))}
          </tr>
        ))}
      </tbody>
    </table>
  )
}

interface ChartCellProps {
  row: Row
  column: Column
  uses: Uses
  onUses: (uses: Uses) => void
  onCell: (key: string) => void
}

function ChartCell({ row, column, uses, onUses, onCell }: ChartCellProps) {
  const { t } = useTranslation()
  const shown = row.shown[column]
  if (shown === undefined) {
    return <span className={classes.none}>{t(`chart.none.${row.condition}`)}</span>
  }
  const key = keyOf({ subject: row.id, quantity: column })
  const use = cellUse(uses, key)
  const marks = uses.asked.get(key)
  const onKeyDown = (event: KeyboardEvent) => {
    const to = KEYS[event.key as keyof typeof KEYS]
    if (to) onUses(turned(uses, key, to))
    else if (use === 'asked' && /^[1-9]$/.test(event.key)) onUses(withMarks(uses, key, Number(event.key)))
  }
  return (
    <button
      type="button"
      className={`${classes.cell} ${classes[use]}`}
      data-use={use}
      aria-label={t('chart.cell', {
        quantity: t(`quantity.${column}`),
        subject: row.id,
        shown,
        use: t(`use.${use}`),
        marks: marks ? t('chart.marks', { count: marks }) : '',
      })}
      onClick={() => {
        onUses(turned(uses, key))
        onCell(key)
      }}
      onFocus={() => onCell(key)}
      onKeyDown={onKeyDown}
    >
      {shown}
      {marks !== undefined && marks > 1 && <sup className={classes.marks}>{marks}</sup>}
    </button>
  )
}
