import type { useTranslation } from 'react-i18next'
import type { Schemas } from '../api/client'

type Translate = ReturnType<typeof useTranslation>['t']

/** What a question asks, in a few words, and how much that is. */
export const asks = (
  question: Pick<Schemas['QuestionSummary'], 'kinds' | 'difficulty'> | undefined,
  t: Translate,
) =>
  question
    ? [
        question.kinds
          .map((kind) => t(`task.kinds.${kind}`))
          .join(', ')
          .toLowerCase(),
        t(`difficulty.${question.difficulty}`),
      ].join(' · ')
    : ''
