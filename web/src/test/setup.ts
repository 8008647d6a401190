import { cleanup, configure } from '@testing-library/react'
import { afterEach, vi } from 'vitest'
import '../i18n'
import '../i18n/teaching'

afterEach(() => {
  cleanup()
  vi.restoreAllMocks()
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
  configurable: true,
  value: { addEventListener: () => undefined, removeEventListener: () => undefined },
})

// Node's Request wants whole addresses; a browser's takes them from the page. Files share one page, so this is met once.
if (!takesPaths()) {
  const NodeRequest = globalThis.Request
  globalThis.Request = class extends NodeRequest {
    constructor(input: RequestInfo | URL, init?: RequestInit) {
      super(typeof input === 'string' ? new URL(input, 'http://localhost/') : input, init)
    }
  }
}

function takesPaths() {
  try {
    return new Request('/').url !== ''
  } catch {
    return false
  }
}
