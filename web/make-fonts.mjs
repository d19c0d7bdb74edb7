// Makes the fonts of printed pages from those of the screen: the same letters, at one weight each, as TrueType.
import { mkdirSync, readFileSync, writeFileSync } from 'node:fs'
import subsetFont from 'subset-font'

const FROM = 'node_modules/@fontsource-variable'
const TO = 'target/classes/print'
/** Everything from the space to the last letter of Latin Extended-A, and the signs that sentences use. */
const LETTERS =
  Array.from({ length: 0x180 - 0x20 }, (_, i) => String.fromCodePoint(0x20 + i)).join('') + '–—‘’“”•…→×'

const FONTS = [
  ['text', 'atkinson-hyperlegible-next/files/atkinson-hyperlegible-next-latin-wght-normal.woff2', 400],
  ['bold', 'atkinson-hyperlegible-next/files/atkinson-hyperlegible-next-latin-wght-normal.woff2', 700],
  ['title', 'fraunces/files/fraunces-latin-wght-normal.woff2', 600],
]

mkdirSync(TO, { recursive: true })
for (const [name, file, wght] of FONTS) {
  const font = await subsetFont(readFileSync(`${FROM}/${file}`), LETTERS, {
    targetFormat: 'truetype',
    variationAxes: { wght },
  })
  writeFileSync(`${TO}/${name}.ttf`, font)
}
