import { MantineProvider } from '@mantine/core'
import { QueryClient, QueryClientProvider } from '@tanstack/react-query'
import { render } from '@testing-library/react'
import type { ReactNode } from 'react'
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

/** Shows an element within what every screen stands in, against a server that says this and tells what it was asked. */
export function shown(element: ReactNode, says: (asked: Asked) => object) {
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
    return said instanceof Response ? said : answer(200, said)
  })
  onTestFinished(() => void vi.unstubAllGlobals())
  const queries = new QueryClient({ defaultOptions: { queries: { retry: false } } })
  render(
    <MantineProvider env="test">
      <QueryClientProvider client={queries}>{element}</QueryClientProvider>
    </MantineProvider>,
  )
  return { asked, queries }
}
