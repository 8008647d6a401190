import { useMutation } from '@tanstack/react-query'
import { useTranslation } from 'react-i18next'
import { announce } from './announce'
import { notifyAndOffer, notifyFailure } from './notify'

interface Removal<T> {
  remove: (thing: T) => Promise<unknown>
  bringBack: (thing: T) => Promise<unknown>
  nameOf: (thing: T) => string
  /** What is said of it once it is removed. */
  said: (name: string) => string
  /** Called after either. */
  onDone: () => void
}

/** Removes at once and offers to take it back: the one way of undoing where nothing is lost by it. */
export function useRemoval<T>({ remove, bringBack, nameOf, said, onDone }: Removal<T>) {
  const { t } = useTranslation()
  const back = useMutation({
    mutationFn: bringBack,
    onSuccess: (_, thing) => {
      onDone()
      announce(t('removed.back', { name: nameOf(thing) }))
    },
    onError: notifyFailure,
  })
  return useMutation({
    mutationFn: remove,
    onSuccess: (_, thing) => {
      onDone()
      notifyAndOffer(said(nameOf(thing)), t('ui.undo'), () => back.mutate(thing))
    },
    onError: notifyFailure,
  })
}
