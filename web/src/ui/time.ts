const MINUTE = 60_000
const HOUR = 60 * MINUTE
const DAY = 24 * HOUR

/** How long ago a moment was, in words. */
export function ago(instant: string, now = Date.now()): string {
  const passed = now - Date.parse(instant)
  if (passed < MINUTE) {
    return 'just now'
  }
  if (passed < HOUR) {
    return plural(Math.floor(passed / MINUTE), 'minute')
  }
  if (passed < DAY) {
    return plural(Math.floor(passed / HOUR), 'hour')
  }
  return plural(Math.floor(passed / DAY), 'day')
}

/** A time span as a clock shows it: 1:07. */
export function clock(millis: number): string {
  const seconds = Math.floor(millis / 1000)
  return `${Math.floor(seconds / 60)}:${String(seconds % 60).padStart(2, '0')}`
}

function plural(number: number, unit: string): string {
  return `${number} ${unit}${number === 1 ? '' : 's'} ago`
}
