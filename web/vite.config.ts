/// <reference types="vitest/config" />
import react from '@vitejs/plugin-react'
import tailwindcss from '@tailwindcss/vite'
import { defineConfig } from 'vite'

export default defineConfig({
  base: '/build/',
  plugins: [react(), tailwindcss()],
  build: { outDir: '../public/build', emptyOutDir: true, manifest: true },
  server: { host: '127.0.0.1', proxy: { '/api': process.env['API_URL'] ?? 'http://127.0.0.1:8000' } },
  // How long it takes is no matter of a test, on however slow a machine.
  test: { include: ['src/**/*.test.{ts,tsx}'], testTimeout: 30_000 },
})
