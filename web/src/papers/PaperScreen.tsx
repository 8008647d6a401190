import { useQuery } from '@tanstack/react-query'
import { useParams } from 'react-router'
import { paperQuery, sessionQuery } from '../api/queries'
import { Failed } from '../ui/Failed'
import { Loading } from '../ui/Loading'
import { PaperMaker } from './PaperMaker'

/** A paper on its screen. */
export default function PaperScreen() {
  const { paperId } = useParams()
  const paper = useQuery(paperQuery(Number(paperId)))
  const person = useQuery(sessionQuery).data?.username ?? ''
  if (paper.isLoadingError) return <Failed error={paper.error} onRetry={() => void paper.refetch()} />
  if (paper.isPending) return <Loading />
  // What a revision brings back is another beginning.
  return <PaperMaker key={`${paper.data.id} ${paper.dataUpdatedAt}`} person={person} paper={paper.data} />
}
