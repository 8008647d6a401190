import { lazy, Suspense, type ComponentType } from 'react'
import { createBrowserRouter } from 'react-router'
import { Loading } from '../ui/Loading'
import { Gate } from './Gate'
import { Lost } from './Lost'

/** Each screen is fetched when it is first gone to. */
function screen(load: () => Promise<{ default: ComponentType }>) {
  const Screen = lazy(load)
  return (
    <Suspense fallback={<Loading />}>
      <Screen />
    </Suspense>
  )
}

/** A screen of teachers: its texts come with it. */
const teachers = (load: () => Promise<{ default: ComponentType }>) =>
  screen(async () => {
    const [loaded] = await Promise.all([load(), import('../i18n/teaching')])
    return loaded
  })

const desk = teachers(() => import('../desk/Desk'))
const workbench = teachers(() => import('../workbench/Workbench'))
const work = screen(() => import('../answers/MyWork'))

export const router = createBrowserRouter([
  {
    path: '/',
    element: <Gate />,
    errorElement: <Lost failed />,
    children: [
      { path: 'desk', element: desk },
      { path: 'workbench', element: workbench },
      { path: 'workbench/solution', element: teachers(() => import('../workbench/Solution')) },
      { path: 'workbench/:questionId', element: workbench },
      { path: 'papers', element: teachers(() => import('../papers/Papers')) },
      { path: 'papers/:paperId', element: teachers(() => import('../papers/PaperScreen')) },
      { path: 'prints/:printId', element: teachers(() => import('../papers/PrintScreen')) },
      { path: 'classes', element: teachers(() => import('../classes/Classes')) },
      { path: 'classes/:classId', element: teachers(() => import('../classes/ClassScreen')) },
      { path: 'classes/:classId/style', element: teachers(() => import('../classes/ClassStyle')) },
      {
        path: 'classes/:classId/keying/:assignmentId',
        element: teachers(() => import('../classes/KeyIn')),
      },
      {
        path: 'classes/:classId/preview/:assignmentId',
        element: teachers(() => import('../classes/Preview')),
      },
      { path: 'results', element: teachers(() => import('../results/ResultsList')) },
      { path: 'results/:classId', element: teachers(() => import('../results/Results')) },
      { path: 'results/:classId/:assignmentId', element: teachers(() => import('../results/Boxes')) },
      { path: 'results/:classId/:assignmentId/review', element: teachers(() => import('../results/Review')) },
      {
        path: 'results/:classId/:assignmentId/memo',
        element: teachers(() => import('../results/Correcting')),
      },
      {
        path: 'results/:classId/:assignmentId/:learnerId',
        element: teachers(() => import('../results/LearnerSheet')),
      },
      { path: 'work', element: work },
      { path: 'work/:workId', element: screen(() => import('../answers/AnswerSheet')) },
      { path: 'work/:workId/feedback', element: screen(() => import('../answers/Feedback')) },
      { path: '*', element: <Lost /> },
    ],
  },
])
