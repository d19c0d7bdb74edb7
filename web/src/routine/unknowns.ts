import { t } from '@/words'
import type { Catalogue, Routine } from '@/api/client'

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
