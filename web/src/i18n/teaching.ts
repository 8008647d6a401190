import i18next from 'i18next'
import { making } from './making'
import { numbers } from './numbers'
import { papers } from './papers'
import { people } from './people'
import { results } from './results'
import { workbench } from './workbench'

/** Adds the texts for teachers; imported with the first of their screens. */
i18next.addResourceBundle(
  'en',
  'translation',
  { ...workbench, ...numbers, ...making, ...people, ...results, ...papers },
  true,
  true,
)
