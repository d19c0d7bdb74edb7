import { locale, t } from '@/words'
import { useMemoize } from '@vueuse/core'

const MINUTE = 60_000
const HOUR = 60 * MINUTE
const DAY = 24 * HOUR

/** What the platform needs a millisecond to make is made once for a language. */
const since = useMemoize((language: string) => new Intl.RelativeTimeFormat(language, { numeric: 'always' }))
const days = useMemoize((language: string) => new Intl.DateTimeFormat(language, { dateStyle: 'medium' }))

/** How long ago a moment was, in the words that the platform has for it. */
export function ago(instant: string, now = Date.now()): string {
  const passed = now - Date.parse(instant)
  if (passed < MINUTE) {
    return t('ui.time.justNow')
  }
  const [unit, of]: [Intl.RelativeTimeFormatUnit, number] =
    passed < HOUR ? ['minute', MINUTE] : passed < DAY ? ['hour', HOUR] : ['day', DAY]
  return since(locale()).format(-Math.floor(passed / of), unit)
}

/** A time span as a clock shows it: 1:07. */
export function clock(millis: number): string {
  const seconds = Math.floor(millis / 1000)
  return `${Math.floor(seconds / 60)}:${String(seconds % 60).padStart(2, '0')}`
}

/** The day of a moment, in the words that the platform has for it. */
export function day(instant: string): string {
  return days(locale()).format(new Date(instant))
}
