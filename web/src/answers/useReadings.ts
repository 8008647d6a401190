import { useEffect, useMemo, useRef } from 'react'
import { useTranslation } from 'react-i18next'
import type { Schemas } from '../api/client'
import { announce } from '../ui/announce'
import type { Texts } from './keptAnswers'
import { placesOf } from './places'

type Reading = Schemas['ReadingView']

/** What each box was read as, by its id; what is new of one that was just written is said once to those who listen. */
export function useReadings(sheet: Schemas['SheetView'], texts: Texts, said: Reading[] | undefined) {
  const { t } = useTranslation()
  const readings = useMemo(() => {
    const first = placesOf(sheet).map(({ box }) => box.reading)
    return Object.fromEntries((said ?? first).map((reading) => [reading.box, reading]))
  }, [sheet, said])
  const heard = useRef(readings)
  useEffect(() => {
    const names = new Map(placesOf(sheet).map(({ box, name }) => [box.id, name]))
    for (const [key, reading] of Object.entries(readings)) {
      const before = heard.current[key]
      if (!texts[key]?.trim()) continue
      const name = names.get(key)
      const fresh = reading.lines.findIndex(
        (line, k) => line.text !== before?.lines[k]?.text || line.unread !== before.lines[k]?.unread,
      )
      const line = reading.lines[fresh]
      if (line) {
        const of = { name, line: fresh + 1, ...line }
        if (line.unread) announce(t('work.saidLineUnread', of))
        else if (line.text) announce(t('work.saidLine', of))
        continue
      }
      if (reading.lines.length > 0) continue
      if (before?.shown === reading.shown && before.expected === reading.expected) continue
      announce(
        reading.expected
          ? t('work.saidUnread', { name, expected: reading.expected })
          : t('work.saidRead', { name, shown: reading.shown }),
      )
    }
    heard.current = readings
  }, [readings, sheet, texts, t])
  return readings
}
