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

const desk = screen(() => import('../desk/Desk'))
const workbench = screen(() => import('../workbench/Workbench'))
const work = screen(() => import('../answers/MyWork'))

export const router = createBrowserRouter([
  {
    path: '/',
    element: <Gate />,
    errorElement: <Lost failed />,
    children: [
      { path: 'desk', element: desk },
      { path: 'workbench', element: workbench },
      { path: 'workbench/solution', element: screen(() => import('../workbench/Solution')) },
      { path: 'workbench/:questionId', element: workbench },
      { path: 'classes', element: screen(() => import('../classes/Classes')) },
      { path: 'classes/:classId', element: screen(() => import('../classes/ClassScreen')) },
      { path: 'classes/:classId/preview/:assignmentId', element: screen(() => import('../classes/Preview')) },
      { path: 'results', element: screen(() => import('../results/ResultsList')) },
      { path: 'results/:classId', element: screen(() => import('../results/Results')) },
      {
        path: 'results/:classId/:assignmentId/:learnerId',
        element: screen(() => import('../results/LearnerSheet')),
      },
      { path: 'work', element: work },
      { path: 'work/:workId', element: screen(() => import('../answers/AnswerSheet')) },
      { path: 'work/:workId/feedback', element: screen(() => import('../answers/Feedback')) },
      { path: '*', element: <Lost /> },
    ],
  },
])
