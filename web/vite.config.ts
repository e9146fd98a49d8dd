/// <reference types="vitest/config" />
import react from '@vitejs/plugin-react'
import tailwindcss from '@tailwindcss/vite'
import { createHash } from 'node:crypto'
import { readFileSync } from 'node:fs'
import { defineConfig, type Plugin } from 'vite'

/** The runtime in hand/ imports its WebAssembly as if it were a module: it becomes the URL of a file. What it never asks for is left out. */
const wasmAsUrl: Plugin = {
  name: 'wasm-as-url',
  enforce: 'pre',
  async resolveId(id, from) {
    if (!from?.includes('@php-wasm')) return null
    if (id.endsWith('.so?url')) return { id: 'data:,', external: true }
    return id.endsWith('.wasm') ? this.resolve(`${id}?url`, from, { skipSelf: true }) : null
  },
}

/** What the service worker is to keep: the page with all it may fetch, and of the engine the build that a browser can run. */
const serviceWorker: Plugin = {
  name: 'service-worker',
  generateBundle: {
    order: 'post',
    handler(_options, bundle) {
      const names = Object.keys(bundle).filter((name) => !name.endsWith('.map') && name.startsWith('assets/'))
      const text = (name: string): string => {
        const file = bundle[name]
        return file?.type === 'chunk'
          ? file.code
          : typeof file?.source === 'string'
            ? file.source
            : Buffer.from(file?.source ?? '').toString()
      }
      const runtimes = names.filter((name) => /php_8_2[^/]*\.js$/.test(name))
      const wasm = names.filter((name) => name.endsWith('.wasm'))
      const common = names.filter((name) => /\/(worker|archive)-/.test(name))
      if (runtimes.length !== 2 || wasm.length !== 2 || common.length !== 2)
        throw new Error(`The engine is not as it was: ${names.join(', ')}`)
      const engine = (suspending: boolean): string[] => {
        const runtime = runtimes.find((name) => text(name).includes('WebAssembly.Suspending') === suspending) ?? ''
        return [...common, runtime, ...wasm.filter((name) => text(runtime).includes(name.replace('assets/', '')))].map(asUrl)
      }
      const shell = names.filter((name) => ![...runtimes, ...wasm, ...common].includes(name)).map(asUrl)
      const source = readFileSync('sw/sw.js', 'utf8')
        .replace('THE_SHELL', JSON.stringify([...shell, ...STILL.map(asUrl)]))
        .replace('THE_ENGINE', JSON.stringify({ suspending: engine(true), other: engine(false) }))
      const version = createHash('sha256').update(source).digest('hex').slice(0, 16)
      this.emitFile({ type: 'asset', fileName: 'sw.js', source: source.replace('THE_VERSION', version) })
    },
  },
}
const STILL = ['berm.svg', 'berm.webmanifest', 'icon-192.png']
const asUrl = (name: string): string => `/build/${name}`

export default defineConfig({
  base: '/build/',
  plugins: [react(), tailwindcss(), serviceWorker],
  worker: { format: 'es', plugins: () => [wasmAsUrl] },
  build: { outDir: '../public/build', emptyOutDir: true, manifest: true },
  server: { host: '127.0.0.1', proxy: { '/api': process.env['API_URL'] ?? 'http://127.0.0.1:8000' } },
  // How long it takes is no matter of a test, on however slow a machine.
  test: { include: ['src/**/*.test.{ts,tsx}'], testTimeout: 30_000 },
})
