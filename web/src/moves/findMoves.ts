import type { Catalogue, Move } from '@/api/client'

/**
 * The moves that fit what was typed, the best first: every word must begin a word of the name, the performer's own name
 * for it, the family, id or effect; a hit in a name counts most.
 */
export function findMoves(
  catalogue: Catalogue,
  typed: string,
  aliases: Record<string, { alias: string }> = {},
): Move[] {
  const wanted = words(typed)
  const label = (move: Move) => catalogue.families.find((f) => f.id === move.family)?.label ?? ''
  return catalogue.moves
    .map((move) => {
      const name = [...words(move.name), ...words(aliases[move.id]?.alias ?? '')]
      const all = [...name, ...words(label(move)), ...words(move.id), ...words(move.effect)]
      const hits = wanted.every((w) => all.some((a) => a.startsWith(w)))
      const inName = wanted.filter((w) => name.some((n) => n.startsWith(w))).length
      const first = wanted.length > 0 && name[0]?.startsWith(wanted[0]!) ? 0.5 : 0
      const begins =
        wanted.length > 0 && move.name.toLowerCase().startsWith(typed.trim().toLowerCase()) ? 2 : 0
      const whole = move.name.toLowerCase() === typed.trim().toLowerCase() ? 10 : 0
      return { move, hits, score: inName + first + begins + whole }
    })
    .filter((scored) => scored.hits)
    .sort((a, b) => b.score - a.score)
    .map((scored) => scored.move)
}

function words(text: string): string[] {
  return text
    .toLowerCase()
    .split(/[^\p{L}\p{N}]+/u)
    .filter((word) => word !== '')
}
