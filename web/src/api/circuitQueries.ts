import { queryOptions } from '@tanstack/react-query'
import { body, client, type Schemas } from './client'

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
