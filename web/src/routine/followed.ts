import type { Catalogue, Routine } from '@/api/client'

/** What an amount can follow from; the same words as in the routine file. */
export type FollowedKind = 'at' | 'as' | 'from' | 'size' | 'a' | 'letters' | 'value'

/** An amount that follows from what is there, taken apart for its fields. */
export interface Followed {
  kind: FollowedKind
  /** A hold, an earlier amount, a role, a place or a part of the pile; empty for the size of the pile itself. */
  what: string
  /** How many more, or fewer. */
  plus: number
  /** How many it may be off. */
  error: number
}

/** The amounts of the first steps of a routine, by the names under which later ones refer to them. */
export function amountsOf(
  routine: Routine,
  steps: number,
  catalogue: Catalogue,
): { name: string; label: string }[] {
  return routine.steps.slice(0, steps).flatMap((step, index) => {
    const move = catalogue.moves.find((m) => m.id === step.move)
    return (move?.settings ?? [])
      .filter((setting) => setting.kind === 'amount')
      .map((setting) => ({
        name: `${step.id}.${setting.name}`,
        label: `${index + 1} · ${move!.name}: ${setting.label}`,
      }))
  })
}

/** The holds whose depth can be taken, each with the word for it. */
export const HOLDS: { name: string; word: string }[] = [
  { name: 'break', word: 'routine.followed.theBreak' },
  { name: 'little', word: 'routine.followed.theLittleFingerSBreak' },
  { name: 'thumb', word: 'routine.followed.theThumbSBreak' },
  { name: 'finger', word: 'routine.followed.theOtherFingerSBreak' },
  { name: 'in-jog', word: 'routine.followed.theInJoggedCard' },
  { name: 'out-jog', word: 'routine.followed.theOutJoggedCard' },
  { name: 'step', word: 'routine.followed.theStep' },
  { name: 'separation', word: 'routine.followed.whereItOpensByItself' },
]

/** The parts of a pile that one judges by eye, each with the word for it. */
export const PARTS: { name: string; word: string }[] = [
  { name: 'half', word: 'routine.followed.aHalf' },
  { name: 'third', word: 'routine.followed.aThird' },
  { name: 'quarter', word: 'routine.followed.aQuarter' },
]

const FORM =
  /^(at|as|a|from|size of|size|letters of|value of)(?: (?:the )?(.+?))??(?:\s*([+−]|-(?=\s*\d))\s*(\d{1,3}))?(?:\s*(?:±|\+-)\s*(\d{1,3}))?$/

/** Takes such an amount apart; nothing for one that is a number. */
export function takeFollowedApart(text: string): Followed | undefined {
  const form = FORM.exec(text.trim())
  if (!form || (!form[2] && form[1] !== 'size')) {
    return undefined
  }
  const plus = Number(form[4] ?? 0)
  return {
    kind: form[1]!.split(' ')[0] as FollowedKind,
    what: form[2] ?? '',
    plus: form[3] === '+' || !form[3] ? plus : -plus,
    error: Number(form[5] ?? 0),
  }
}

/** The text of such an amount. */
export function putFollowedTogether({ kind, what, plus, error }: Followed): string {
  const of = kind === 'letters' || kind === 'value' || (kind === 'size' && what) ? ' of' : ''
  const more = plus === 0 ? '' : plus > 0 ? `+${plus}` : `-${-plus}`
  return `${kind}${of}${what ? ` ${what}` : ''}${more}${error > 0 ? `±${error}` : ''}`
}
