import { cleanup, configure } from '@testing-library/react'
import { afterEach } from 'vitest'
import '../i18n'
import '../i18n/teaching'

afterEach(() => {
  cleanup()
  localStorage.clear()
})
configure({ asyncUtilTimeout: 15_000 })

window.matchMedia = (query: string) =>
  ({
    matches: false,
    media: query,
    addEventListener: () => undefined,
    removeEventListener: () => undefined,
    addListener: () => undefined,
    removeListener: () => undefined,
  }) as unknown as MediaQueryList

window.ResizeObserver = class {
  observe() {}
  unobserve() {}
  disconnect() {}
}

// A field that grows with its text listens for fonts that come later.
Object.defineProperty(document, 'fonts', {
  value: { addEventListener: () => undefined, removeEventListener: () => undefined },
})

// Node's Request wants whole addresses; a browser's takes them from the page.
const NodeRequest = globalThis.Request
globalThis.Request = class extends NodeRequest {
  constructor(input: RequestInfo | URL, init?: RequestInit) {
    super(typeof input === 'string' ? new URL(input, 'http://localhost/') : input, init)
  }
}
