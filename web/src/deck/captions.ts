/* The words under a row: each on the first line on which it meets no others. */

/** Words that want to stand somewhere. */
export interface Words {
  text: string
  /** Where they begin, or where they end. */
  x: number
  end: boolean
  /** A hold is told in its colour, all else softly. */
  hold?: boolean
}

/** Words with the line they stand on, 0 being right under the cards. */
export interface Caption extends Words {
  line: number
}

/** About how wide a letter is. */
const LETTER = 5.8

/** So far apart two captions of a line are at least. */
const APART = 6

/** From one line to the next. */
export const LINE = 11

/** No more lines than these, however high the row. */
const MOST_LINES = 3

/** The positions of the next row, and what is between them and the cards, take so much beside the lines. */
const POSITIONS = 24

/** Places words in a picture, the first ones first. What finds no line is left out: words over words tell nothing. */
export function captions(all: Words[], width: number, below: number): Caption[] {
  const lines = Math.min(MOST_LINES, Math.floor((below - POSITIONS) / LINE))
  const placed: (Caption & { from: number; to: number })[] = []
  for (const words of all) {
    const long = words.text.length * LETTER
    // What would leave the picture is turned round to stay in it.
    const end = words.end ? words.x >= long : words.x + long > width
    const from = end ? words.x - long : words.x
    const to = from + long + APART
    for (let line = 0; line < lines; line++) {
      if (!placed.some((one) => one.line === line && from < one.to && one.from < to)) {
        placed.push({ ...words, end, line, from, to })
        break
      }
    }
  }
  return placed
}
