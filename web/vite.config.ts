import babel from '@rolldown/plugin-babel'
import react, { reactCompilerPreset } from '@vitejs/plugin-react'
import { defineConfig } from 'vitest/config'

export default defineConfig(({ mode }) => ({
  // The compiler would take half as long as the tests do; what it makes is tried by the journeys.
  plugins: [react(), ...(mode === 'test' ? [] : [babel({ presets: [reactCompilerPreset()] })])],
  // A page deleted from here must not live on in the packaged application.
  build: { outDir: 'target/classes/static', emptyOutDir: true },
  server: { proxy: { '/api': 'http://localhost:8080' } },
  // One page for all files: each of its own takes three times as long, and the setup tidies after every test.
  test: { environment: 'jsdom', setupFiles: 'src/test/setup.ts', testTimeout: 60_000, isolate: false },
}))
