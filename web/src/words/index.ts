import { createI18n } from 'vue-i18n'
import type en from './en.json'

/** All words of the screens, of each language one file that is called as the language is; here what the first page says. */
const first = import.meta.glob<typeof en>('./*.json', { eager: true, import: 'default', query: '?first' })
/** What all other views say. */
const later = import.meta.glob<typeof en>('./*.json', { import: 'default', query: '?later' })

const language = (file: string) => file.replace(/^\.\/|\.json$/g, '')
const languages = Object.fromEntries(Object.entries(first).map(([file, words]) => [language(file), words]))

/** The first language of the reader that there is; English otherwise. */
export function languageFor(wanted: readonly string[], there: string[]): string {
  return wanted.map((each) => each.split('-')[0]!).find((each) => there.includes(each)) ?? 'en'
}

export const words = createI18n<[typeof en], string, false>({
  legacy: false,
  locale: languageFor(navigator.languages ?? [], Object.keys(languages)),
  fallbackLocale: 'en',
  messages: languages as { en: typeof en },
})

let asked: Promise<unknown> | undefined

/** The words of all views: English, which stands in for what is missing, and the reader's language. */
export function allWords(): Promise<unknown> {
  asked ??= Promise.all(
    Object.entries(later)
      .filter(([file]) => ['en', locale()].includes(language(file)))
      .map(async ([file, load]) => words.global.mergeLocaleMessage(language(file) as 'en', await load())),
  ).catch((failure: unknown) => {
    // The program may answer again: then they are asked for anew.
    asked = undefined
    throw failure
  })
  return asked
}

/**
 * The words of a key, such as `bench.benchHeader.undo`.
 *
 * @param key room, file and words
 * @param named what is put in by its name
 * @param count how many of something there are, where the words have one form for one and another for several
 */
export function t(key: string, named: Record<string, unknown> = {}, count?: number): string {
  return count === undefined ? words.global.t(key, named) : words.global.t(key, named, count)
}

/** The language of the words, for numbers and times. */
export function locale(): string {
  return words.global.locale.value
}
