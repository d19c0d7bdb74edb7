/** How the thread of a role looks. Never colour alone: each has a letter and a line of its own too. */
export interface RoleStyle {
  colour: string
  /** SVG stroke-dasharray; empty for a solid line. */
  dash: string
}

/** Okabe–Ito colours, dark enough for white letters; told apart by people with colour-blindness. */
const COLOURS = ['#b34700', '#0072b2', '#007a5a', '#9a4a7d', '#7a6a00', '#31708f']
const DASHES = ['', '6 4', '2 4', '10 4 2 4', '14 4', '4 2']

/** The style of the nth role of a routine. */
export function roleStyle(index: number): RoleStyle {
  return {
    colour: COLOURS[index % COLOURS.length]!,
    dash: DASHES[(index + Math.floor(index / COLOURS.length)) % DASHES.length]!,
  }
}
