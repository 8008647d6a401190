import { Alert, Button, Text } from '@mantine/core'
import { useState } from 'react'
import { useTranslation } from 'react-i18next'
import type { Schemas } from '../api/client'
import { Formula } from '../ui/Formula'
import { keyOf } from '../workbench/cells'
import { forgetOnDevice, onDeviceOnly } from './keptAnswers'

/** What was typed on this device after a sheet was closed, and so is not on it; shown to who typed it only. */
export function LeftBehind({ sheet, person }: { sheet: Schemas['SheetView']; person: string }) {
  const { t } = useTranslation()
  const [copy, setCopy] = useState(() => onDeviceOnly(person, sheet.id))
  const left = sheet.boxes.filter((box) => copy && (copy.value[keyOf(box.cell)] ?? '') !== box.text)
  if (left.length === 0) return null
  return (
    <Alert variant="outline" color="copper" title={t('work.leftBehind')}>
      <ul>
        {left.map((box) => (
          <li key={keyOf(box.cell)}>
            <Formula markup={box.symbol} /> = {copy?.value[keyOf(box.cell)] || t('conflict.empty')}
          </li>
        ))}
      </ul>
      <Text fz="sm">{t('work.leftBehindWhy')}</Text>
      <Button
        variant="default"
        mt="xs"
        onClick={() => {
          forgetOnDevice(person, sheet.id)
          setCopy(undefined)
        }}
      >
        {t('work.forget')}
      </Button>
    </Alert>
  )
}
