import { useMutation } from '@tanstack/react-query'
import { useEffect, useRef, useState } from 'react'
import { body, client, type Schemas } from '../api/client'
import { keyOf, cellOf } from '../workbench/cells'

type Sheet = Schemas['SheetView']
type Reading = Schemas['ReadingView']

const TYPING_PAUSE_MS = 350
const AGAIN_MS = 4_000

/** What is typed on a sheet, kept on the server as it is typed; each keeping brings back what was read. */
export function useKeptAnswers(sheet: Sheet) {
  const [texts, setTexts] = useState<Record<string, string>>(() =>
    Object.fromEntries(sheet.boxes.map((box) => [keyOf(box.cell), box.text])),
  )
  const [readings, setReadings] = useState<Record<string, Reading>>(() =>
    Object.fromEntries(sheet.boxes.map((box) => [keyOf(box.cell), box.reading])),
  )
  const [dirty, setDirty] = useState(false)
  const [keptAt, setKeptAt] = useState(sheet.keptAt)
  const revision = useRef(sheet.revision)
  const keep = useMutation({
    mutationFn: (answers: Record<string, string>) =>
      body(
        client.PUT('/api/my/work/{id}/draft', {
          params: { path: { id: sheet.id } },
          body: { revision: revision.current, answers: answersOf(answers) },
        }),
      ),
    onSuccess: (kept, sent) => {
      revision.current = kept.revision
      setKeptAt(kept.keptAt)
      setReadings(Object.fromEntries(kept.readings.map((reading) => [keyOf(reading.cell), reading])))
      setTexts((now) => {
        if (Object.entries(now).every(([key, text]) => sent[key] === text)) setDirty(false)
        return now
      })
    },
  })
  const { mutate, isPending, isError } = keep
  useEffect(() => {
    if (!dirty || isPending) return
    const timer = setTimeout(() => mutate(texts), isError ? AGAIN_MS : TYPING_PAUSE_MS)
    return () => clearTimeout(timer)
  }, [dirty, texts, isPending, isError, mutate])
  useEffect(() => {
    if (!dirty) return
    const ask = (event: BeforeUnloadEvent) => event.preventDefault()
    window.addEventListener('beforeunload', ask)
    return () => window.removeEventListener('beforeunload', ask)
  }, [dirty])
  const write = (key: string, text: string) => {
    setTexts((now) => ({ ...now, [key]: text }))
    setDirty(true)
  }
  return { texts, readings, write, dirty, keptAt, error: keep.error }
}

export const answersOf = (texts: Record<string, string>) =>
  Object.entries(texts).map(([key, text]) => ({ cell: cellOf(key), text }))
