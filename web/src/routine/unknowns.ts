import { t } from '@/words'
import type { Catalogue, Routine } from '@/api/client'
import { putFollowedTogether, takeFollowedApart } from './followed'

/** A number of the routine that can be solved for. */
export interface Unknown {
  kind: 'step' | 'beats' | 'claim' | 'start' | 'pile'
  id: string
  setting: string
  label: string
  /** The last value worth trying. */
  most: number
  /** Whether somebody else decides it, who would have to be brought to it. */
  theirs?: boolean
}

/** Counts of more beats have more ways than anybody waits for. */
const MOST_BEATS = 5

/** All of a routine that can be solved for: what the performer decides first, what they choose freely last. */
export function unknowns(routine: Routine, catalogue: Catalogue, cards: number): Unknown[] {
  const steps = routine.steps.flatMap((step, i) => {
    const move = catalogue.moves.find((m) => m.id === step.move)
    return (move?.settings ?? [])
      .filter((s) => s.kind === 'amount')
      .map((s) => ({
        kind: 'step' as const,
        id: step.id,
        setting: s.name,
        label: `${i + 1} · ${move!.name}: ${s.label}`,
        most: s.name === 'times' ? 6 : cards,
        theirs: s.bySpectator,
      }))
  })
  const beats = routine.steps.flatMap((step, i) => {
    const move = catalogue.moves.find((m) => m.id === step.move)
    return (move?.settings ?? [])
      .filter((s) => s.kind === 'beats')
      .filter((s) => (step.settings[s.name] ?? s.usual).trim().split(/\s+/).length <= MOST_BEATS)
      .map((s) => ({
        kind: 'beats' as const,
        id: step.id,
        setting: s.name,
        label: t('routine.unknowns.whichBeats', { i: i + 1, name: move!.name }),
        most: 1,
      }))
  })
  const claims = routine.claims.flatMap((claim) => {
    const kind = catalogue.claims.find((k) => k.id === claim.claim.kind)
    return (kind?.settings ?? [])
      .filter((s) => s.kind === 'amount')
      .map((s) => ({
        kind: 'claim' as const,
        id: claim.id,
        setting: s.name,
        label: t('routine.unknowns.claim', { kind: kind!.name, label: s.label }),
        most: cards,
      }))
  })
  const starts = [
    ...new Set([
      ...routine.setUp.placements.map((p) => p.card),
      ...routine.roles.map((r) => r.card).filter((card) => card !== '' && !card.includes(' ')),
    ]),
  ]
    .filter((card) => !routine.setUp.piles.some((pile) => pile.cards.includes(card)))
    .map((card) => ({
      kind: 'start' as const,
      id: '',
      setting: card,
      label: t('routine.unknowns.setUpWhereStartsFrom', { card }),
      most: cards,
    }))
  const laid = routine.setUp.piles.flatMap((pile) =>
    [...new Set(pile.cards.split(/\s+/).map((code) => code.replace('↑', '')))].map((card) => ({
      kind: 'pile' as const,
      id: pile.place,
      setting: card,
      label: t('routine.unknowns.setUpWhereLiesIn', { card, place: pile.place }),
      most: pile.cards.split(/\s+/).length,
    })),
  )
  const theirs = steps.filter((step) => step.theirs)
  return [...steps.filter((step) => !step.theirs), ...beats, ...claims, ...starts, ...laid, ...theirs]
}

/** The routine with a value for an unknown, in words or as a number; the server solves, this only writes it down. */
export function taken(routine: Routine, unknown: Unknown, value: number, words = ''): Routine {
  const put = (settings: Record<string, string>) => {
    if (unknown.kind === 'beats') {
      return { ...settings, [unknown.setting]: words }
    }
    // What follows from something else keeps what it follows from: the value is how many more.
    const followed = takeFollowedApart(settings[unknown.setting] ?? '')
    const text = followed ? putFollowedTogether({ ...followed, plus: value }) : String(value)
    return { ...settings, [unknown.setting]: text }
  }
  switch (unknown.kind) {
    case 'step':
    case 'beats':
      return {
        ...routine,
        steps: routine.steps.map((s) => (s.id === unknown.id ? { ...s, settings: put(s.settings) } : s)),
      }
    case 'claim':
      return {
        ...routine,
        claims: routine.claims.map((c) =>
          c.id === unknown.id ? { ...c, claim: { ...c.claim, settings: put(c.claim.settings) } } : c,
        ),
      }
    case 'start': {
      const others = routine.setUp.placements.filter((p) => p.card !== unknown.setting)
      const placements = [...others, { card: unknown.setting, nth: value, from: 'top' }]
      // A card of the written order is taken out of it: it would lie at two places.
      const order = routine.setUp.order
        .split(/\s+/)
        .filter((code) => code.replace('↑', '') !== unknown.setting)
        .join(' ')
      return { ...routine, setUp: { ...routine.setUp, placements, order } }
    }
    default: {
      const piles = routine.setUp.piles.map((pile) => {
        const cards = pile.cards.split(/\s+/)
        const at = cards.findIndex((code) => code.replace('↑', '') === unknown.setting)
        if (pile.place !== unknown.id || at < 0) {
          return pile
        }
        const [card] = cards.splice(at, 1)
        cards.splice(value - 1, 0, card!)
        return { ...pile, cards: cards.join(' ') }
      })
      return { ...routine, setUp: { ...routine.setUp, piles } }
    }
  }
}
