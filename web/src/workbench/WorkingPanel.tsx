import { Anchor } from '@mantine/core'
import { keepPreviousData, useQuery } from '@tanstack/react-query'
import { useId } from 'react'
import { useTranslation } from 'react-i18next'
import { Link } from 'react-router'
import { workingQuery } from '../api/queries'
import { Failed } from '../ui/Failed'
import { Loading } from '../ui/Loading'
import { OwnWorking } from './OwnWorking'
import { Working } from './Working'

interface WorkingPanelProps {
  notation: string
  style: string
  /** Takes the thing a step is about in hand. */
  onInHand: (name: string) => void
}

/** The worked solution beside the circuit, with the way to the one that is printed, and a working of one's own. */
export function WorkingPanel({ notation, style, onInHand }: WorkingPanelProps) {
  const { t } = useTranslation()
  const own = useId()
  const working = useQuery({ ...workingQuery({ notation, style }), placeholderData: keepPreviousData })
  if (working.isLoadingError) return <Failed error={working.error} onRetry={() => void working.refetch()} />
  if (working.isPending) return <Loading />
  return (
    <>
      <Anchor
        component={Link}
        fz="sm"
        to={`/workbench/solution?${new URLSearchParams({ circuit: notation, style }).toString()}`}
      >
        {t('circuit.solution')}
      </Anchor>
      <Anchor
        component="button"
        type="button"
        fz="sm"
        ml="md"
        onClick={() => document.getElementById(own)?.focus()}
      >
        {t('ownWorking.title')}
      </Anchor>
      <Working steps={working.data} onInHand={onInHand} />
      <OwnWorking notation={notation} style={style} id={own} />
    </>
  )
}
