import { t } from '@/words'

/** A beat of a count, as it is written: `peel`, `under-all-but`, `block3`. */
export interface Beat {
  take: 'peel' | 'draw' | 'block' | 'all-but' | 'rest'
  /** How many cards a block has. */
  size: number
  /** Whether the taking hand's cards go back under or over the giving hand's as it is taken. */
  exchange: '' | 'under' | 'over'
}

/** The words for each way of taking. */
export const TAKES: Record<Beat['take'], string> = {
  peel: 'fields.beats.topCard',
  draw: 'fields.beats.bottomCard',
  block: 'fields.beats.block',
  'all-but': 'fields.beats.allButTheBottom',
  rest: 'fields.beats.theRestAsOne',
}

/** Reads beats; words that are none are left out, and the server says so. */
export function readBeats(text: string): Beat[] {
  return text
    .split(/[\s,]+/)
    .map((word) => /^(?:(under|over)-)?(peel|draw|all-but|rest|block(\d{1,2}))$/.exec(word))
    .filter((found) => found !== null)
    .map((found) => ({
      take: found[3] ? 'block' : (found[2] as Beat['take']),
      size: Number(found[3] ?? 0),
      exchange: (found[1] ?? '') as Beat['exchange'],
    }))
}

/** Writes beats as the server reads them. */
export function writeBeats(beats: Beat[]): string {
  return beats
    .map((b) => `${b.exchange ? `${b.exchange}-` : ''}${b.take}${b.take === 'block' ? b.size : ''}`)
    .join(' ')
}

/** A beat in words. */
export function beatWords(beat: Beat): string {
  const take = beat.take === 'block' ? t('fields.beats.blockOf', { beat: beat.size }) : t(TAKES[beat.take])
  return beat.exchange ? t('fields.beats.theOthersBack', { take, exchange: beat.exchange }) : take
}
