import { queryOptions } from '@tanstack/react-query'
import { keptOnLeaving } from '../keeping/keeper'
import { body, client, type Schemas } from './client'

export interface Room {
  width: number
  height: number
}

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
