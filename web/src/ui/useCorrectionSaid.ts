import { useTranslation } from 'react-i18next'
import type { Schemas } from '../api/client'

/** A correction of a memo in a sentence. */
export function useCorrectionSaid() {
  const { t } = useTranslation()
  return ({ correction, asked }: Pick<Schemas['Entry'], 'correction' | 'asked'>) =>
    t(`correction.${correction.kind}`, {
      ...correction,
      asked: asked.join(', '),
      count: correction.points ?? correction.marks ?? 0,
    })
}
