import type { Invention } from '@/api/client'

/** By what finds can be sorted, and whether more of it is better. */
export const COLUMNS = [
  { key: 'choices', more: true },
  { key: 'ways', more: true },
  { key: 'steps', more: false },
  { key: 'dealt', more: false },
  { key: 'distance', more: true },
] as const

export type Column = (typeof COLUMNS)[number]['key']

/** What a find has in a column. */
export function inColumn(found: Invention, column: Column): number {
  return column === 'steps' ? found.steps.length : found[column]
}

/** The same finds, those first that are best in a column; of those alike the freest, then the shortest. */
export function sorted(found: Invention[], column: Column): Invention[] {
  const order: Column[] = [column, 'choices', 'ways', 'steps', 'dealt']
  return [...found].sort((one, other) => {
    for (const each of order) {
      const apart = inColumn(one, each) - inColumn(other, each)
      if (apart !== 0) {
        return COLUMNS.find((c) => c.key === each)!.more ? -apart : apart
      }
    }
    return 0
  })
}
