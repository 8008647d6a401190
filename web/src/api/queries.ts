import { queryOptions } from '@tanstack/react-query'
import { body, client } from './client'

export interface Room {
  width: number
  height: number
}

export const sessionQuery = queryOptions({
  queryKey: ['session'],
  queryFn: () => body(client.GET('/api/session')),
  staleTime: 60_000,
})

export const analysisQuery = (notation: string, room: Room) =>
  queryOptions({
    queryKey: ['analysis', notation, room],
    queryFn: () => body(client.POST('/api/circuits/analysis', { body: { notation, room } })),
    staleTime: Infinity,
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

export const classesQuery = queryOptions({
  queryKey: ['classes'],
  queryFn: () => body(client.GET('/api/classes')),
})

export const classQuery = (id: number) =>
  queryOptions({
    queryKey: ['classes', id],
    queryFn: () => body(client.GET('/api/classes/{id}', { params: { path: { id } } })),
  })

export const assignmentsQuery = queryOptions({
  queryKey: ['assignments'],
  queryFn: () => body(client.GET('/api/assignments')),
})

export const resultsQuery = (classId: number) =>
  queryOptions({
    queryKey: ['assignments', 'results', classId],
    queryFn: () => body(client.GET('/api/classes/{classId}/results', { params: { path: { classId } } })),
  })

export const sheetQuery = (id: number, learnerId: number) =>
  queryOptions({
    queryKey: ['assignments', id, learnerId],
    queryFn: () =>
      body(client.GET('/api/assignments/{id}/sheets/{learnerId}', { params: { path: { id, learnerId } } })),
  })

export const workQuery = queryOptions({
  queryKey: ['work'],
  queryFn: () => body(client.GET('/api/my/work')),
})

export const workSheetQuery = (id: number, room: Room) =>
  queryOptions({
    queryKey: ['work', id, room],
    queryFn: () => body(client.GET('/api/my/work/{id}', { params: { path: { id }, query: room } })),
  })

export const feedbackQuery = (id: number, room: Room) =>
  queryOptions({
    queryKey: ['work', id, 'feedback', room],
    queryFn: () => body(client.GET('/api/my/work/{id}/feedback', { params: { path: { id }, query: room } })),
  })
