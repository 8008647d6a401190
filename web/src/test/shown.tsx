import { MantineProvider } from '@mantine/core'
import { Notifications, notifications } from '@mantine/notifications'
import { QueryClient, QueryClientProvider } from '@tanstack/react-query'
import { render } from '@testing-library/react'
import type { ReactNode } from 'react'
import { createMemoryRouter, RouterProvider } from 'react-router'
import { onTestFinished, vi } from 'vitest'

/** What was asked of the server. */
export interface Asked {
  method: string
  path: string
  body: unknown
}

/** What the server says with a status other than that all is well. */
export const answer = (status: number, said: object) =>
  new Response(JSON.stringify(said), { status, headers: { 'Content-Type': 'application/json' } })

/**
 * Shows an element within what every screen stands in, against a server that says this and tells what it was asked; an
 * error is a broken line. The place is the address, and its pattern where the element reads it.
 */
export function shown(
  element: ReactNode,
  says: (asked: Asked) => object,
  { at = '/', pattern = '*' }: { at?: string; pattern?: string } = {},
) {
  const asked: Asked[] = []
  vi.stubGlobal('fetch', async (request: Request) => {
    const text = await request.text()
    const one = {
      method: request.method,
      path: new URL(request.url).pathname,
      body: text ? (JSON.parse(text) as unknown) : undefined,
    }
    asked.push(one)
    const said = says(one)
    if (said instanceof Error) throw said
    return said instanceof Response ? said : answer(200, said)
  })
  onTestFinished(() => {
    vi.unstubAllGlobals()
    notifications.clean()
  })
  const queries = new QueryClient({ defaultOptions: { queries: { retry: false } } })
  const router = createMemoryRouter([{ path: pattern, element }], { initialEntries: [at] })
  render(
    <MantineProvider env="test">
      <Notifications />
      <QueryClientProvider client={queries}>
        <RouterProvider router={router} />
      </QueryClientProvider>
    </MantineProvider>,
  )
  /** What was asked for that changes something, one line each. */
  const sent = () =>
    asked
      .filter(({ method }) => method !== 'GET')
      .map(({ method, path, body }) => [method, path, JSON.stringify(body)].join(' ').trim())
  return { asked, sent, queries, router }
}
