import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { Navigate, useParams, useSearchParams } from 'react-router'
import { ProblemError } from '../api/client'
import { draftQuery, draftsQuery, questionQuery, sessionQuery } from '../api/queries'
import { Failed } from '../ui/Failed'
import { Loading } from '../ui/Loading'
import { Bench, type BenchProps } from './Bench'
import { FIRST_CIRCUIT, freshBench } from './benchAddress'
import { historyOf } from './history'
import { historyFrom, makingOfBody } from './making'

/** The workbench of a new question, of one in the making, or of one that is kept. */
export default function Workbench() {
  const { questionId } = useParams()
  const [search] = useSearchParams()
  if (questionId !== undefined) return <KeptBench key={questionId} id={Number(questionId)} />
  if (search.has('draft') || search.has('circuit')) return <NewBench />
  return <LastBench />
}

function KeptBench({ id }: { id: number }) {
  const question = useQuery({ ...questionQuery(id), gcTime: 0 })
  const draftId = question.data?.draftId ?? undefined
  const draft = useQuery({ ...draftQuery(draftId ?? 0), enabled: draftId !== undefined })
  const person = useQuery(sessionQuery).data?.username ?? ''
  // What is asked again later, such as the draft that it has by then, is on the bench already.
  const [opened, setOpened] = useState<Omit<BenchProps, 'person'>>()
  if (opened) return <Bench person={person} {...opened} />
  const failed = [question, draft].find((one) => one.isError)
  if (failed?.error) return <Failed error={failed.error} onRetry={() => void failed.refetch()} />
  if (!question.data || (draftId !== undefined && !draft.data)) return <Loading />
  const history = draft.data ? historyFrom(draft.data.body) : historyOf(makingOfBody(question.data.body))
  setOpened({ history, draft: draft.data, question: question.data })
  return <Loading />
}

/** The one that was worked on last, if it was not kept as a question yet. */
function LastBench() {
  const drafts = useQuery({ ...draftsQuery, staleTime: 0, gcTime: 0 })
  if (drafts.isLoadingError) return <Failed error={drafts.error} onRetry={() => void drafts.refetch()} />
  if (drafts.isPending) return <Loading />
  const last = drafts.data[0]
  return <Navigate to={last ? `/workbench?draft=${last.id}` : freshBench} replace />
}

/** A new question: from a draft, or from the circuit in the address, which becomes one with the first act. */
function NewBench() {
  const [search] = useSearchParams()
  const wanted = search.get('draft') ?? undefined
  // A draft that this bench has begun itself is on it already.
  const [own, setOwn] = useState<string>()
  const asked = wanted !== own ? wanted : undefined
  const draft = useQuery({ ...draftQuery(Number(asked ?? 0)), enabled: asked !== undefined })
  const person = useQuery(sessionQuery).data?.username ?? ''
  const gone = draft.error instanceof ProblemError && draft.error.problem.status === 404
  if (asked !== undefined && !gone) {
    if (draft.isLoadingError) return <Failed error={draft.error} onRetry={() => void draft.refetch()} />
    if (!draft.data) return <Loading />
    return <Bench key={asked} person={person} history={historyFrom(draft.data.body)} draft={draft.data} />
  }
  const notation = search.get('circuit') ?? FIRST_CIRCUIT
  return (
    <Bench key="new" person={person} history={historyOf({ notation })} onBegun={(id) => setOwn(String(id))} />
  )
}
