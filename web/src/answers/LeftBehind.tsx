import { Alert, Button, Text } from '@mantine/core'
import { useState } from 'react'
import { useTranslation } from 'react-i18next'
import type { Schemas } from '../api/client'
import { forgetOnDevice, onDeviceOnly, textsOnDevice } from './keptAnswers'
import { placesOf } from './places'

/** What was typed on this device after a sheet was closed, and so is not on it; shown to who typed it only. */
export function LeftBehind({ sheet, person }: { sheet: Schemas['SheetView']; person: string }) {
  const { t } = useTranslation()
  const [copy, setCopy] = useState(() => onDeviceOnly(person, sheet))
  const typed = copy && textsOnDevice(sheet, copy.value)
  const left = placesOf(sheet).filter(({ box }) => typed && typed[box.id] !== box.text)
  if (left.length === 0) return null
  return (
    <Alert variant="outline" color="copper" title={t('work.leftBehind')}>
      <ul>
        {left.map(({ box, name }) => (
          <li key={box.id}>
            {name}: {typed?.[box.id] || t('conflict.empty')}
          </li>
        ))}
      </ul>
      <Text fz="sm">{t('work.leftBehindWhy')}</Text>
      <Button
        variant="default"
        mt="xs"
        onClick={() => {
          forgetOnDevice(person, sheet)
          setCopy(undefined)
        }}
      >
        {t('work.forget')}
      </Button>
    </Alert>
  )
}
