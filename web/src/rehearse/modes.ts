/** A way to rehearse, as it stands in the address, and the key that starts it. */
export const MODES = ['run', 'beats', 'recall', 'judge', 'surprises', 'drills'] as const

export type Mode = (typeof MODES)[number]
