/** The ways to rehearse, as they stand in the address. */
export const MODES = ['run', 'beats', 'recall', 'judge', 'surprises', 'drills'] as const

export type Mode = (typeof MODES)[number]

/** The key that starts each; digits are answers. */
export const MODE_KEYS: Record<Mode, string> = {
  run: 'R',
  beats: 'B',
  recall: 'C',
  judge: 'J',
  surprises: 'S',
  drills: 'D',
}
