import { useId } from 'react'
import { useTranslation } from 'react-i18next'
import type { BoxFieldProps } from './BoxField'
import { BoxInput } from './BoxInput'
import classes from './Tasks.module.css'

/** A box in its place in a chart, with what was read below it. */
export function ChartField(props: BoxFieldProps) {
  const { t } = useTranslation()
  const says = useId()
  const { box, reading } = props
  return (
    <>
      <BoxInput
        {...props}
        says={says}
        label={box.unit ? t('work.boxOf', { name: box.name, unit: box.unit }) : box.name}
      />
      <span id={says} className={reading?.expected ? classes.expected : classes.read}>
        {reading?.expected ? t('work.expected', { expected: reading.expected }) : reading?.shown}
      </span>
    </>
  )
}
