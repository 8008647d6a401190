import { TextInput } from '@mantine/core'
import { useState } from 'react'
import { useTranslation } from 'react-i18next'

const MOST = 20

interface MarksFieldProps {
  label: string
  marks: number
  onMarks: (marks: number) => void
}

/** What a cell earns. What is no number of marks is said and not made into one. */
export function MarksField({ label, marks, onMarks }: MarksFieldProps) {
  const { t } = useTranslation()
  const [typed, setTyped] = useState<string>()
  const type = (text: string) => {
    const value = Number(text)
    const fits = /^\d+$/.test(text.trim()) && value >= 1 && value <= MOST
    setTyped(fits ? undefined : text)
    if (fits) onMarks(value)
  }
  return (
    <TextInput
      label={label}
      size="xs"
      styles={{
        root: { display: 'flex', flexWrap: 'wrap', alignItems: 'center', gap: '0 12px' },
        input: { width: 72, minHeight: 36 },
      }}
      inputMode="numeric"
      value={typed ?? String(marks)}
      error={typed !== undefined && typed.trim() !== '' && t('chart.marksRule', { most: MOST })}
      onChange={(event) => type(event.currentTarget.value)}
      onBlur={() => setTyped(undefined)}
    />
  )
}
