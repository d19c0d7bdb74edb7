import { baseCompile } from '@intlify/message-compiler'
import tailwindcss from '@tailwindcss/vite'
import vue from '@vitejs/plugin-vue'
import { readFileSync } from 'node:fs'
import { fileURLToPath } from 'node:url'
import { basename } from 'node:path'
import type { Plugin } from 'vite'
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

/** The rooms whose words the first page says. `words.test.ts` holds them against what it is made of. */
const FIRST_ROOMS = ['api', 'app', 'deck', 'performer', 'repertoire', 'saving', 'ui']

/**
 * The words of a language in two parts: `en.json?first` is loaded with the first page, `en.json?later` with any other view.
 * Words with something to put in are read here, so that what reads them is not loaded.
 */
function wordsInParts(): Plugin {
  const place = (key: string, value: unknown) => (['start', 'end', 'loc'].includes(key) ? undefined : value)
  const read = (words: unknown): unknown =>
    typeof words !== 'string'
      ? Object.fromEntries(Object.entries(words as object).map(([key, each]) => [key, read(each)]))
      : /[{|@]/.test(words)
        ? JSON.parse(JSON.stringify(baseCompile(words, { jit: true, minify: true }).ast, place))
        : words
  return {
    name: 'words-in-parts',
    enforce: 'pre',
    load(id) {
      const [file, part] = id.split('?') as [string, string?]
      if (part !== 'first' && part !== 'later') {
        return undefined
      }
      const rooms = Object.entries(JSON.parse(readFileSync(file, 'utf8')) as Record<string, unknown>)
      const inPart = rooms.filter(([room]) => FIRST_ROOMS.includes(room) === (part === 'first'))
      return { code: `export default ${JSON.stringify(read(Object.fromEntries(inPart)))}`, moduleType: 'js' }
    },
  }
}

export default defineConfig(({ command }) => ({
  plugins: [
    vue(),
    tailwindcss(),
    wordsInParts(),
    {
      name: 'own-licence',
      generateBundle() {
        const source = readFileSync(fileURLToPath(new URL('../LICENSE', import.meta.url)))
        this.emitFile({ type: 'asset', fileName: 'LICENSE.txt', source })
      },
    },
  ],
  define: {
    __VERSION__: JSON.stringify(description.version),
    // Parts of the libraries that nothing here uses stay out of what is loaded.
    __VUE_OPTIONS_API__: false,
    __VUE_I18N_LEGACY_API__: false,
    __VUE_I18N_FULL_INSTALL__: false,
    __INTLIFY_PROD_DEVTOOLS__: false,
    __INTLIFY_DROP_MESSAGE_COMPILER__: command === 'build',
  },
  resolve: { alias: { '@': fileURLToPath(new URL('./src', import.meta.url)) } },
  build: {
    outDir: 'target/classes/static',
    emptyOutDir: true,
    assetsInlineLimit: 0,
    modulePreload: { polyfill: false },
    // What all views stand on packs better in one piece, and stays the same from one version to the next.
    rolldownOptions: {
      output: {
        codeSplitting: {
          groups: [
            { name: 'libraries', test: /node_modules.(?!@headlessui|@tanstack.(vue-)?virtual|fft)/ },
            {
              name: 'shared',
              test: /src.(ui.(verdict|VerdictPill|time)\.|routine.lines|api.inTurn|deck.(RunningDeck|geometry|boxes|paths|things|likelihood|roleStyle)|words.(index|en.json.first))/,
            },
          ],
        },
      },
    },
    minify: 'terser',
    terserOptions: { ecma: 2020, module: true, compress: { passes: 3 } },
  },
  server: { proxy: { '/api': 'http://127.0.0.1:8170' } },
  test: {
    environment: 'happy-dom',
    environmentOptions: { happyDOM: { url: 'http://localhost/' } },
    include: [process.env['CRAFTY_FIGURES'] ? 'src/**/*.figures.ts' : 'src/**/*.test.ts'],
    reporters: ['default', ['junit', { outputFile: 'target/vitest.xml' }]],
    setupFiles: ['src/words/inTests.ts'],
    testTimeout: 60_000,
    pool: 'threads',
    maxWorkers: 2,
    ...(process.env['CRAFTY_RECORD'] ? { sequence: { sequencer: ByName } } : {}),
  },
}))
