import { useQuery } from '@tanstack/react-query'
import { useParams, useSearchParams } from 'react-router'
import { questionQuery } from '../api/queries'
import { Failed } from '../ui/Failed'
import { Loading } from '../ui/Loading'
import { Bench } from './Bench'

const FIRST_CIRCUIT = '16 V : R1=5 + (R2=12 || R3=4)'

/** The workbench of a new question, or of one that is kept. */
export default function Workbench() {
  const { questionId } = useParams()
  const [search] = useSearchParams()
  const question = useQuery({ ...questionQuery(Number(questionId)), enabled: questionId !== undefined })
  if (questionId === undefined) {
    return <Bench key="new" notation={search.get('circuit') ?? FIRST_CIRCUIT} />
  }
  if (question.isError) return <Failed error={question.error} onRetry={() => void question.refetch()} />
  if (question.isPending) return <Loading />
  return <Bench key={questionId} notation={question.data.notation} question={question.data} />
}
