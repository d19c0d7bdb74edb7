import type { Invention } from '@/api/client'

type Where = Invention['why'][0]

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

/** The idea of a find: where the card lies after each step, whatever the piles are called. Finds of which that is not told have none. */
function ideaOf(found: Invention): string | undefined {
  const spot = (line: Where): string =>
    [line.position + (line.bottom ? ' up' : ''), ...line.or.map(spot)].sort().join(' or ')
  return found.why.length > 0 ? [found.choices, ...found.why.map(spot)].join(', ') : undefined
}

/** The same finds in the same order: with the first of each idea, the others that work in the same way. */
export function byIdea(found: Invention[]): Invention[][] {
  const ideas: Record<string, Invention[]> = {}
  const all: Invention[][] = []
  for (const each of found) {
    const idea = ideaOf(each)
    if (idea !== undefined && ideas[idea]) {
      ideas[idea].push(each)
    } else {
      const alone = [each]
      all.push(alone)
      if (idea !== undefined) {
        ideas[idea] = alone
      }
    }
  }
  return all
}
