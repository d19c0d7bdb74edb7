/** How an amount can be stated; the same forms as in the routine file. */
export type AmountMode = 'exact' | 'range' | 'about' | 'any'

/** An amount taken apart for its fields. */
export interface AmountParts {
  mode: AmountMode
  /** The number, the lower end, or the middle. */
  first: number
  /** The upper end, or how much is given and taken. */
  second: number
}

/** Takes the text of an amount apart; a text that is none counts as exactly 1. */
export function takeApart(text: string): AmountParts {
  if (text.trim() === 'any') {
    return { mode: 'any', first: 1, second: 1 }
  }
  const form = /^\s*(\d+)\s*(?:(-|–|±|\+-)\s*(\d+))?\s*$/.exec(text)
  if (!form) {
    return { mode: 'exact', first: 1, second: 1 }
  }
  const first = Number(form[1])
  if (!form[2]) {
    return { mode: 'exact', first, second: 0 }
  }
  const range = form[2] === '-' || form[2] === '–'
  return { mode: range ? 'range' : 'about', first, second: Number(form[3]) }
}

/** The text of an amount. */
export function putTogether(parts: AmountParts): string {
  switch (parts.mode) {
    case 'any':
      return 'any'
    case 'range':
      return `${parts.first}-${Math.max(parts.first, parts.second)}`
    case 'about':
      return `${parts.first}±${Math.min(parts.first, parts.second)}`
    default:
      return String(parts.first)
  }
}

/** The same amount in another form, keeping what can be kept; `low` and `high` are what is possible here. */
export function inMode(parts: AmountParts, mode: AmountMode, low: number, high: number): AmountParts {
  const middle =
    parts.mode === 'range'
      ? Math.round((parts.first + parts.second) / 2)
      : parts.mode === 'any'
        ? Math.round((low + high) / 2)
        : parts.first
  switch (mode) {
    case 'range':
      return parts.mode === 'about'
        ? { mode, first: parts.first - parts.second, second: parts.first + parts.second }
        : { mode, first: low, second: high }
    case 'about':
      return {
        mode,
        first: middle,
        second: parts.mode === 'range' ? Math.floor((parts.second - parts.first) / 2) : 3,
      }
    default:
      return { mode, first: middle, second: 0 }
  }
}
