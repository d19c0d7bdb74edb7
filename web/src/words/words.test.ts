import { parse } from '@vue/compiler-sfc'
import { describe, expect, it, vi } from 'vitest'
import en from './en.json'
import later from './en.json?later'
import { languageFor, t, words } from './index'

const files = import.meta.glob<string>(
  ['../**/*.vue', '../**/*.ts', '!../**/*.test.ts', '!../api/generated/*'],
  {
    eager: true,
    query: '?raw',
    import: 'default',
  },
)

/** All there is to load but the first line of the program. */
const modules = import.meta.glob([
  '../**/*.vue',
  '../**/*.ts',
  '!../**/*.test.ts',
  '!../**/*.figures.ts',
  '!../**/*.d.ts',
  '!../main.ts',
  '!../**/*.worklet.ts',
  '!../words/*',
  '!../testing/*',
])

const keys = Object.entries(en).flatMap(([room, inRoom]) =>
  Object.entries(inRoom).flatMap(([file, inFile]) =>
    Object.keys(inFile).map((name) => `${room}.${file}.${name}`),
  ),
)

const QUOTED = /['`]([a-zA-Z]+\.[a-zA-Z]+\.[a-zA-Z0-9]*)(?:\$\{[^}]*\})?['`]/g

/** The words that stand in a template itself; keys of the keyboard are no words. */
function rawTexts(node: { tag?: string; type: number; content?: unknown; children?: never[] }): string[] {
  if (node.type === 2) {
    return /[A-Za-z]{2}/.test(node.content as string) ? [node.content as string] : []
  }
  return node.tag === 'kbd' ? [] : (node.children ?? []).flatMap(rawTexts)
}

describe('the words of the screens', () => {
  it('are there for every key that is used, and used for every key that is there', () => {
    const used = new Set(
      Object.values(files).flatMap((code) => [...code.matchAll(QUOTED)].map((found) => found[1]!)),
    )
    const begun = [...used].filter((key) => !keys.includes(key))

    expect(keys.filter((key) => !used.has(key) && !begun.some((start) => key.startsWith(start)))).toEqual([])
    expect(begun.filter((start) => !keys.some((key) => key.startsWith(start)))).toEqual([])
  })

  it('are there with the first page as far as it says any', () => {
    const loaded = new Set<string>()
    const load = (file: string) => {
      if (file in files && !loaded.has(file)) {
        loaded.add(file)
        for (const [, from] of files[file]!.matchAll(/(?:from |import\()'([@.][^']*)'/g)) {
          const near = from!.startsWith('@') ? from!.replace('@', '..') : file.replace(/[^/]*$/, from!)
          const path = near.replace('/./', '/').replace(/(\.\.\/)[^/]+\/\.\.\//, '$1')
          ;[path, `${path}.ts`, `${path}/index.ts`].forEach(load)
        }
      }
    }
    load('../App.vue')
    load('../repertoire/RepertoireView.vue')
    const said = [...loaded].flatMap((file) => [...files[file]!.matchAll(QUOTED)].map((found) => found[1]!))
    const rooms = new Set(said.map((key) => key.split('.')[0]))

    expect(loaded.size).toBeGreaterThan(30)
    expect([...rooms].sort()).toEqual(Object.keys(en).filter((room) => !(room in later)))
  })

  it('are said only when somebody asks: a file may be loaded before its words', async () => {
    vi.resetModules()
    const said: string[] = []
    vi.doMock('@/words', async (real) => ({
      ...(await real<typeof import('./index')>()),
      t: (key: string) => said.push(key),
    }))
    const loaded = await Promise.all(Object.values(modules).map((load) => load()))
    vi.doUnmock('@/words')

    expect(loaded.length).toBeGreaterThan(150)
    expect(said).toEqual([])
  })

  it('stand nowhere else', () => {
    const raw = Object.entries(files)
      .filter(([file]) => file.endsWith('.vue'))
      .flatMap(([file, code]) =>
        rawTexts(parse(code).descriptor.template!.ast as never).map((text) => `${file}: ${text.trim()}`),
      )

    expect(raw).toEqual([])
  })

  it('of another language are a file: the first one that the reader knows', () => {
    expect(languageFor(['nb-NO', 'de-AT', 'en'], ['en', 'de'])).toBe('de')
    expect(languageFor(['nb-NO'], ['en', 'de'])).toBe('en')

    words.global.setLocaleMessage('xx' as 'en', { bench: { benchHeader: { undo: 'odnu' } } } as never)
    words.global.locale.value = 'xx' as 'en'
    expect(t('bench.benchHeader.undo')).toBe('odnu')
    expect(t('bench.benchHeader.redo')).toBe('Redo')
    words.global.locale.value = 'en'
  })

  it('have one form for one and another for several', () => {
    expect(t('bench.ledgerPanel.cards', {}, 1)).toBe('1 card')
    expect(t('bench.ledgerPanel.cards', {}, 3)).toBe('3 cards')
    expect(t('repertoire.routineCard.slips', {}, 0)).toBe('0 slips')
  })
})
