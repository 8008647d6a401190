import i18next from 'i18next'
import { papers } from './papers'
import { people } from './people'
import { workbench } from './workbench'

/** Adds the texts for teachers; imported with the first of their screens. */
i18next.addResourceBundle('en', 'translation', { ...workbench, ...people, ...papers }, true, true)
