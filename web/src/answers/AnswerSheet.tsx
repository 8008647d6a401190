import { useQuery } from '@tanstack/react-query'
import { lazy, Suspense, useState } from 'react'
import { Navigate, useParams } from 'react-router'
import type { Schemas } from '../api/client'
import { sessionQuery, workSheetQuery } from '../api/queries'
import { Failed } from '../ui/Failed'
import { Loading } from '../ui/Loading'
import { fetched } from '../ui/fetched'
import { OpenSheet } from './OpenSheet'
import { useRoom } from './useRoom'
import { useSheetNews } from './useSheetNews'

const SentSheet = lazy(async () => ({ default: (await fetched(() => import('./SentSheet'))).SentSheet }))

/** A learner's sheet: the circuit that stays in sight, and box after box. */
export default function AnswerSheet() {
  const id = Number(useParams().workId)
  const room = useRoom()
  const person = useQuery(sessionQuery).data?.username
  // What is typed is the page's own and is kept by it; the rest is asked again when the server says it has changed.
  const sheet = useQuery({ ...workSheetQuery(id, room), staleTime: Infinity, gcTime: 0 })
  useSheetNews(id)
  const [opened, setOpened] = useState<Schemas['SheetView']>()
  if (!sheet.data) {
    if (sheet.isLoadingError) return <Failed error={sheet.error} onRetry={() => void sheet.refetch()} />
    return <Loading />
  }
  if (!person) return <Loading />
  // A further attempt is another sheet: what was opened before is over.
  const same = opened !== undefined && opened.attempt === sheet.data.attempt
  if (!same) setOpened(sheet.data)
  const first = same ? opened : sheet.data
  if (first.released) return <Navigate to={`/work/${id}/feedback`} replace />
  const handedIn = sheet.data.state === 'sent' && !sheet.data.collected
  if (first.state === 'sent' || handedIn)
    return (
      <Suspense fallback={<Loading />}>
        <SentSheet sheet={sheet.data} person={person} />
      </Suspense>
    )
  return (
    <OpenSheet
      key={`${id} ${first.attempt}`}
      sheet={first}
      now={sheet.data}
      error={sheet.error}
      person={person}
    />
  )
}
