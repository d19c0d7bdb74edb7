import type { Catalogue, OwnMove, Step } from '@/api/client'

/** An amount that somebody else decides, or that the hand only hits roughly. */
const OPEN = /any|-|–|±|\+-/

/**
 * Makes one move of several steps: what was left open in them becomes a setting of the new move.
 *
 * @param name what the performer calls it
 */
export function composed(name: string, steps: Step[], catalogue: Catalogue): OwnMove {
  const settings: OwnMove['settings'] = []
  const parts = steps.map((step) => {
    const declared = catalogue.moves.find((m) => m.id === step.move)?.settings ?? []
    const texts: Record<string, string> = {}
    for (const setting of declared.filter((s) => s.kind !== 'chance')) {
      const text = step.settings[setting.name] ?? setting.usual
      if (setting.kind === 'amount' && OPEN.test(text)) {
        const own = freshName(setting.name, settings)
        settings.push({ name: own, label: setting.label, usual: text })
        texts[setting.name] = `=${own}`
      } else {
        texts[setting.name] = text
      }
    }
    return { move: step.move, settings: texts }
  })
  const difficulty = Math.max(
    1,
    ...steps.map((step) => catalogue.moves.find((m) => m.id === step.move)?.difficulty ?? 1),
  )
  return { id: idOf(name), name, says: '', difficulty, settings, parts }
}

/** The id of an own move: its name in small letters and hyphens. */
export function idOf(name: string): string {
  const plain = name
    .normalize('NFD')
    .replace(/\p{M}/gu, '')
    .toLowerCase()
    .replace(/[^a-z0-9]+/g, '-')
    .replace(/^-+|-+$/g, '')
    .slice(0, 40)
  return `own-${plain || 'move'}`
}

function freshName(name: string, taken: { name: string }[]): string {
  let fresh = name
  for (let i = 2; taken.some((s) => s.name === fresh); i++) {
    fresh = `${name}-${i}`
  }
  return fresh
}
