import { queryOptions } from '@tanstack/react-query'
import { keptOnLeaving } from '../keeping/keeper'
import { body, client, speakFor, type Schemas } from './client'

export interface Room {
  width: number
  height: number
}

// Asked once: that a session has ended is met by the next request, which asks to sign in again in place.
export const sessionQuery = queryOptions({
  queryKey: ['session'],
  queryFn: async () => {
    const session = await body(client.GET('/api/session'))
    speakFor(session.username ?? null)
    return session
  },
  staleTime: Infinity,
})

export const stylesQuery = queryOptions({
  queryKey: ['styles'],
  queryFn: () => body(client.GET('/api/styles')),
  staleTime: Infinity,
})

/** A circuit, the style it is worked in, and how it is to be drawn. */
export type CircuitRequest = Schemas['CircuitRequest']

// Answers about a circuit are never compared with the one before: each is new as a whole.
export const analysisQuery = (request: CircuitRequest) =>
  queryOptions({
    queryKey: ['analysis', request],
    // A circuit that was typed over is no longer waited for.
    queryFn: ({ signal }) => body(client.POST('/api/circuits/analysis', { body: request, signal })),
    staleTime: Infinity,
    structuralSharing: false,
  })

export const workingQuery = (request: CircuitRequest) =>
  queryOptions({
    queryKey: ['working', request],
    queryFn: () => body(client.POST('/api/circuits/working', { body: request })),
    staleTime: Infinity,
  })

export const linesQuery = (request: Schemas['LinesRequest']) =>
  queryOptions({
    queryKey: ['lines', request],
    queryFn: ({ signal }) => body(client.POST('/api/circuits/lines', { body: request, signal })),
    staleTime: Infinity,
  })

export const foldingQuery = (request: CircuitRequest) =>
  queryOptions({
    queryKey: ['folding', request],
    queryFn: ({ signal }) => body(client.POST('/api/circuits/folding', { body: request, signal })),
    staleTime: Infinity,
    structuralSharing: false,
  })

/** Later stages of a long folding, from one on; the first come with the folding itself. */
export const stagesQuery = (circuit: CircuitRequest, from: number) =>
  queryOptions({
    queryKey: ['folding', circuit, from],
    queryFn: ({ signal }) =>
      body(client.POST('/api/circuits/folding/stages', { body: { circuit, from }, signal })),
    staleTime: Infinity,
    structuralSharing: false,
  })

export const pairQuery = (request: Schemas['PairRequest']) =>
  queryOptions({
    queryKey: ['pair', request],
    queryFn: () => body(client.POST('/api/circuits/folding/pair', { body: request })),
    staleTime: Infinity,
  })

export const changeQuery = (request: Schemas['ChangeRequest']) =>
  queryOptions({
    queryKey: ['change', request],
    queryFn: () => body(client.POST('/api/circuits/change', { body: request })),
    staleTime: Infinity,
  })

export const backwardsQuery = (request: Schemas['BackwardsRequest']) =>
  queryOptions({
    queryKey: ['backwards', request],
    queryFn: () => body(client.POST('/api/circuits/backwards', { body: request })),
    staleTime: Infinity,
  })

/** What is to be said of a question that nobody has kept yet; each says it of the whole, so none is compared. */
export const checkQuery = (request: Schemas['QuestionToCheck']) =>
  queryOptions({
    queryKey: ['check', request],
    queryFn: ({ signal }) => body(client.POST('/api/questions/check', { body: request, signal })),
    staleTime: Infinity,
    structuralSharing: false,
  })

export const offersQuery = (request: Schemas['QuestionToExtend']) =>
  queryOptions({
    queryKey: ['offers', request],
    queryFn: ({ signal }) => body(client.POST('/api/questions/offers', { body: request, signal })),
    staleTime: Infinity,
    structuralSharing: false,
  })

/** The values that a question has in its variants. */
export const valuesQuery = (request: Schemas['QuestionToCheck']) =>
  queryOptions({
    queryKey: ['values', request],
    queryFn: ({ signal }) => body(client.POST('/api/questions/values', { body: request, signal })),
    staleTime: Infinity,
    structuralSharing: false,
    retry: false,
  })

export const memoQuery = (request: Schemas['QuestionToCheck']) =>
  queryOptions({
    queryKey: ['memo', request],
    queryFn: ({ signal }) => body(client.POST('/api/questions/memo', { body: request, signal })),
    staleTime: Infinity,
    structuralSharing: false,
  })

export const triedSheetQuery = (request: Schemas['SheetToTry']) =>
  queryOptions({
    queryKey: ['tried-sheet', request],
    queryFn: ({ signal }) => body(client.POST('/api/questions/sheet', { body: request, signal })),
    staleTime: Infinity,
    structuralSharing: false,
  })

export const shelfQuery = queryOptions({
  queryKey: ['shelf'],
  queryFn: () => body(client.GET('/api/shelf')),
})

export const removedCircuitsQuery = queryOptions({
  queryKey: ['shelf', 'removed'],
  queryFn: () => body(client.GET('/api/shelf/removed')),
})

export const questionsQuery = queryOptions({
  queryKey: ['questions'],
  queryFn: () => body(client.GET('/api/questions')),
})

export const questionQuery = (id: number) =>
  queryOptions({
    queryKey: ['questions', id],
    queryFn: () => body(client.GET('/api/questions/{id}', { params: { path: { id } } })),
  })

export const removedQuestionsQuery = queryOptions({
  queryKey: ['questions', 'removed'],
  queryFn: () => body(client.GET('/api/questions/removed')),
})

export const papersQuery = queryOptions({
  queryKey: ['papers'],
  queryFn: () => body(client.GET('/api/papers')),
})

export const removedPapersQuery = queryOptions({
  queryKey: ['papers', 'removed'],
  queryFn: () => body(client.GET('/api/papers/removed')),
})

// What is made of it afterwards is its own screen's, which keeps it; so it is asked for anew each time it is opened.
export const paperQuery = (id: number) =>
  queryOptions({
    queryKey: ['papers', id],
    queryFn: async () => {
      await keptOnLeaving()
      return body(client.GET('/api/papers/{id}', { params: { path: { id } } }))
    },
    staleTime: Infinity,
    gcTime: 0,
  })

export const questionRevisionsQuery = (id: number) =>
  queryOptions({
    queryKey: ['questions', id, 'revisions'],
    queryFn: () => body(client.GET('/api/questions/{id}/revisions', { params: { path: { id } } })),
    staleTime: 0,
  })

export const paperRevisionsQuery = (id: number) =>
  queryOptions({
    queryKey: ['papers', id, 'revisions'],
    queryFn: () => body(client.GET('/api/papers/{id}/revisions', { params: { path: { id } } })),
    staleTime: 0,
  })

/** Which pages of a paper are looked at: of what, in which variant, in the style of which class. */
export interface PagesWanted {
  what: 'paper' | 'answers' | 'memo'
  variant: number
  classroom?: number
}

/** The pages of a paper as it was kept with this revision. */
export const pagesQuery = (id: number, revision: number, wanted: PagesWanted) =>
  queryOptions({
    queryKey: ['papers', id, 'pages', revision, wanted],
    queryFn: ({ signal }) =>
      body(client.GET('/api/papers/{id}/pages', { params: { path: { id }, query: wanted }, signal })),
    staleTime: 0,
  })

const PRINT_ASKED_MS = 400

/** How far a long print is; asked for again until it is at its end. */
export const printQuery = (id: number) =>
  queryOptions({
    queryKey: ['prints', id],
    queryFn: () => body(client.GET('/api/prints/{id}', { params: { path: { id } } })),
    refetchInterval: ({ state }) =>
      state.data === undefined || ['waiting', 'running'].includes(state.data.state) ? PRINT_ASKED_MS : false,
    gcTime: 0,
  })

export const draftsQuery = queryOptions({
  queryKey: ['drafts'],
  queryFn: () => body(client.GET('/api/question-drafts')),
})

export const removedDraftsQuery = queryOptions({
  queryKey: ['drafts', 'removed'],
  queryFn: () => body(client.GET('/api/question-drafts/removed')),
})

// What is made afterwards is the workbench's own, which keeps it; so it is asked for anew each time it is opened.
export const draftQuery = (id: number) =>
  queryOptions({
    queryKey: ['drafts', id],
    queryFn: async () => {
      await keptOnLeaving()
      return body(client.GET('/api/question-drafts/{id}', { params: { path: { id } } }))
    },
    staleTime: Infinity,
    gcTime: 0,
  })

export const classesQuery = queryOptions({
  queryKey: ['classes'],
  queryFn: () => body(client.GET('/api/classes')),
})

export const classQuery = (id: number) =>
  queryOptions({
    queryKey: ['classes', id],
    queryFn: () => body(client.GET('/api/classes/{id}', { params: { path: { id } } })),
  })

export const classStyleQuery = (id: number) =>
  queryOptions({
    queryKey: ['classes', id, 'style'],
    queryFn: () => body(client.GET('/api/classes/{id}/style', { params: { path: { id } } })),
  })

export const stylePresetsQuery = queryOptions({
  queryKey: ['styles', 'presets'],
  queryFn: () => body(client.GET('/api/styles/presets')),
  staleTime: Infinity,
})

export const styleSampleQuery = (style: Schemas['ClassStyleBody']) =>
  queryOptions({
    queryKey: ['styles', 'sample', style],
    queryFn: () => body(client.POST('/api/styles/sample', { body: style })),
    retry: false,
  })

export const knownLearnersQuery = (classId: number) =>
  queryOptions({
    queryKey: ['classes', classId, 'known'],
    queryFn: () =>
      body(client.GET('/api/classes/{id}/learners/known', { params: { path: { id: classId } } })),
  })

export const teachersQuery = queryOptions({
  queryKey: ['teachers'],
  queryFn: () => body(client.GET('/api/teachers')),
})

export const invitationsQuery = queryOptions({
  queryKey: ['invitations'],
  queryFn: () => body(client.GET('/api/invitations')),
})

export const assignmentsQuery = queryOptions({
  queryKey: ['assignments'],
  queryFn: () => body(client.GET('/api/assignments')),
})

export const assignmentQuery = (id: number) =>
  queryOptions({
    queryKey: ['assignments', 'one', id],
    queryFn: () => body(client.GET('/api/assignments/{id}', { params: { path: { id } } })),
  })

export const previewQuery = (id: number, room: Room) =>
  queryOptions({
    queryKey: ['assignments', 'preview', id, room],
    queryFn: () =>
      body(client.GET('/api/assignments/{id}/preview', { params: { path: { id }, query: room } })),
  })

export const resultsQuery = (classId: number) =>
  queryOptions({
    queryKey: ['assignments', 'results', classId],
    queryFn: () => body(client.GET('/api/classes/{classId}/results', { params: { path: { classId } } })),
  })

export const boxResultsQuery = (id: number) =>
  queryOptions({
    queryKey: ['assignments', 'boxes', id],
    queryFn: () => body(client.GET('/api/assignments/{id}/boxes', { params: { path: { id } } })),
  })

/** Of a box over a class, in one attempt or in the last of each (0); of none named the first. */
export const reviewQuery = (id: number, box: string, attempt: number) =>
  queryOptions({
    queryKey: ['assignments', 'review', id, box, attempt],
    queryFn: () =>
      body(client.GET('/api/assignments/{id}/review', { params: { path: { id }, query: { box, attempt } } })),
  })

/** Who may try again. */
export const attemptsQuery = (id: number) =>
  queryOptions({
    queryKey: ['assignments', 'attempts', id],
    queryFn: () => body(client.GET('/api/assignments/{id}/attempts', { params: { path: { id } } })),
  })

const REMARKED_ASKED_MS = 500

/** What was put right in a memo; asked for again until all sheets are marked by it. */
export const correctionsQuery = (id: number) =>
  queryOptions({
    queryKey: ['assignments', 'corrections', id],
    queryFn: () => body(client.GET('/api/assignments/{id}/corrections', { params: { path: { id } } })),
    refetchInterval: ({ state }) =>
      state.data && state.data.done < state.data.of ? REMARKED_ASKED_MS : false,
  })

export const keyingQuery = (id: number) =>
  queryOptions({
    queryKey: ['assignments', 'keying', id],
    queryFn: () => body(client.GET('/api/assignments/{id}/keying', { params: { path: { id } } })),
  })

/** A learner's sheet in an attempt; of none named in the one that counts. */
export const sheetQuery = (id: number, learnerId: number, attempt?: number) =>
  queryOptions({
    queryKey: ['assignments', id, learnerId, attempt],
    queryFn: () =>
      body(
        client.GET('/api/assignments/{id}/sheets/{learnerId}', {
          params: { path: { id, learnerId }, query: { attempt } },
        }),
      ),
  })

export const workQuery = queryOptions({
  queryKey: ['work'],
  queryFn: () => body(client.GET('/api/my/work')),
})

export const workSheetQuery = (id: number, room: Room) =>
  queryOptions({
    queryKey: ['work', id, room],
    queryFn: async () => {
      await keptOnLeaving()
      return body(client.GET('/api/my/work/{id}', { params: { path: { id }, query: room } }))
    },
  })

/** What came of an attempt; of none named of the one that counts, or the last that can be looked at. */
export const feedbackQuery = (id: number, room: Room, attempt?: number) =>
  queryOptions({
    queryKey: ['work', id, 'feedback', room, attempt],
    queryFn: () =>
      body(
        client.GET('/api/my/work/{id}/feedback', { params: { path: { id }, query: { ...room, attempt } } }),
      ),
  })

/** How an own sheet that was handed back is worked, in the values of an attempt. */
export const modelQuery = (id: number, attempt: number) =>
  queryOptions({
    queryKey: ['work', id, 'model', attempt],
    queryFn: () =>
      body(client.GET('/api/my/work/{id}/model', { params: { path: { id }, query: { attempt } } })),
  })
