import { queryOptions } from '@tanstack/react-query'
import { keptOnLeaving } from '../keeping/keeper'
import { body, client } from './client'

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
