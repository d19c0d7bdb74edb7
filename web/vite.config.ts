import tailwindcss from '@tailwindcss/vite'
import vue from '@vitejs/plugin-vue'
import { readFileSync } from 'node:fs'
import { fileURLToPath } from 'node:url'
import { defineConfig } from 'vitest/config'
import description from './package.json' with { type: 'json' }

export default defineConfig({
  plugins: [
    vue(),
    tailwindcss(),
    {
      name: 'own-licence',
      generateBundle() {
        const source = readFileSync(fileURLToPath(new URL('../LICENSE', import.meta.url)))
        this.emitFile({ type: 'asset', fileName: 'LICENSE.txt', source })
      },
    },
  ],
  define: { __VERSION__: JSON.stringify(description.version) },
  resolve: { alias: { '@': fileURLToPath(new URL('./src', import.meta.url)) } },
  build: { outDir: 'target/classes/static', emptyOutDir: true, assetsInlineLimit: 0 },
  server: { proxy: { '/api': 'http://127.0.0.1:8170' } },
  test: {
    environment: 'happy-dom',
    environmentOptions: { happyDOM: { url: 'http://localhost/' } },
    include: ['src/**/*.test.ts'],
    reporters: ['default', ['junit', { outputFile: 'target/vitest.xml' }]],
    setupFiles: ['src/words/inTests.ts'],
    testTimeout: 60_000,
    pool: 'threads',
    maxWorkers: 2,
  },
})
