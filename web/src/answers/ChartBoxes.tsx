import type { ReactNode } from 'react'
import type { Schemas } from '../api/client'
import { ChartFrame } from '../ui/ChartFrame'
import { ChartField } from './ChartField'
import type { BoxFieldProps } from './BoxField'
import type { Box } from './places'
import classes from './Tasks.module.css'

interface ChartBoxesProps {
  chart: Schemas['ChartSheet']
  boxes: Box[]
  field: (box: Box, Field: (props: BoxFieldProps) => ReactNode) => ReactNode
}

/** The boxes of a task in the chart they belong to; what is told stands in it. */
export function ChartBoxes({ chart, boxes, field }: ChartBoxesProps) {
  return (
    <div className={classes.chart}>
      <ChartFrame
        analysis={chart}
        cell={(row, _, place) => {
          const slot = row.slots[place]!
          const box = boxes.find((one) => one.id === slot.box)
          if (box) return field(box, ChartField)
          return <span className={slot.told ? classes.told : undefined}>{slot.told}</span>
        }}
      />
    </div>
  )
}
