import tailwindcss from '@tailwindcss/vite'
import vue from '@vitejs/plugin-vue'
import { readFileSync } from 'node:fs'
import { fileURLToPath } from 'node:url'
import { basename } from 'node:path'
import { defineConfig } from 'vitest/config'
import { BaseSequencer, type TestSpecification } from 'vitest/node'
import description from './package.json' with { type: 'json' }

/** The order in which recorded conversations are asked again. */
class ByName extends BaseSequencer {
  override async sort(files: TestSpecification[]) {
    const name = (file: TestSpecification) => basename(file.moduleId)
    return [...files].sort((one, other) => (name(one) < name(other) ? -1 : 1))
  }
}

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
    ...(process.env['CRAFTY_RECORD'] ? { sequence: { sequencer: ByName } } : {}),
  },
})
