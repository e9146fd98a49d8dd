/// <reference types="vitest/config" />
import react from '@vitejs/plugin-react'
import tailwindcss from '@tailwindcss/vite'
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

export default defineConfig({
  base: '/build/',
  plugins: [react(), tailwindcss()],
  worker: { format: 'es', plugins: () => [wasmAsUrl] },
  build: { outDir: '../public/build', emptyOutDir: true, manifest: true },
  server: { host: '127.0.0.1', proxy: { '/api': process.env['API_URL'] ?? 'http://127.0.0.1:8000' } },
  // How long it takes is no matter of a test, on however slow a machine.
  test: { include: ['src/**/*.test.{ts,tsx}'], testTimeout: 30_000 },
})
