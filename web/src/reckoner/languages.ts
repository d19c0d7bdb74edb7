/** The languages in which cards are spelled, as the server names them. */
export const LANGUAGES = {
  ENGLISH: 'English, with “of”',
  ENGLISH_SHORT: 'English, without “of”',
  FRENCH: 'French',
  GERMAN: 'German',
  SPANISH: 'Spanish',
  ITALIAN: 'Italian',
} as const

export type Language = keyof typeof LANGUAGES

/** As a move names its language. */
export function languageSetting(language: Language): string {
  return language.toLowerCase().replace('_', '-')
}
