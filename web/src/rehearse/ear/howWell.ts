import { Onsets } from './onsets'
import { chances, clicksOf, makeSound, type Around, type Landing, type Wanted } from './sounds'
import { Tries } from './tries'

/** What an ear is tried with, from the easiest. */
export const AROUNDS: Around[] = [
  'quiet',
  'half-loud',
  'hiss-30',
  'hiss-20',
  'hiss-12',
  'hum',
  'fan',
  'clap',
  'riffle',
  'metronome',
  'babble',
]

const LANDINGS: Landing[] = ['felt', 'table', 'squared']

/** From one beat to the next, in seconds. */
const APART = [0.18, 0.25, 0.35, 0.5, 0.7, 0.9, 1.05, 1.2]

const RATES = [44_100, 48_000]

/** What is further from any beat than this, in seconds, is not that beat. */
const NEAR_S = 0.03

/** A sound of eight beats, one of which is early or late. */
export interface Trial extends Wanted {
  /** The beat that is off, from 1, and how far, in parts of a beat. */
  off: { beat: number; by: number }
}

/** Sounds of one kind: every landing, at tempos in turn. */
export function trials(around: Around, rounds: number): Trial[] {
  return LANDINGS.flatMap((landing) =>
    Array.from({ length: rounds }, (_, round) => {
      const seed = 100 * round + 10 * AROUNDS.indexOf(around) + LANDINGS.indexOf(landing)
      const chance = chances(seed)
      const apart = APART[round % APART.length]!
      const off = {
        beat: 3 + Math.floor(5 * chance()),
        by: (chance() < 0.5 ? -1 : 1) * (0.2 + 0.15 * chance()),
      }
      const beats = Array.from({ length: 8 }, (_, i) => 1 + apart * (i + (i + 1 === off.beat ? off.by : 0)))
      const rate = RATES[(round % 2) ^ ((round >> 3) % 2)]!
      return { landing, around, beats, off, length: beats.at(-1)! + 3, rate, seed }
    }),
  )
}

/** How an ear did. Times are in seconds unless they are said to be in milliseconds. */
export interface Result {
  meant: number
  found: number
  /** Beats that were heard and are none. */
  none: number
  /** How far each beat that was found was from when it came, in milliseconds. */
  errors: number[]
  /** How long the sound was, and how long it took to hear it, in milliseconds. */
  seconds: number
  work: number
  /** The beats of the first try, as they would be judged; empty when it has not as many as were meant. */
  tried: number[]
}

/** Hears one sound from beginning to end. */
export function hearTrial(trial: Trial): Result {
  const sound = makeSound(trial)
  const ear = new Onsets(trial.rate)
  if (trial.around === 'metronome') {
    clicksOf(trial).forEach((at) => ear.leaveOut(at))
  }
  const from = performance.now()
  const heard = ear
    .hear(sound)
    .filter((each) => each.what === 'beat')
    .map((each) => each.at)
  const work = performance.now() - from
  const left = [...heard]
  const errors = trial.beats.flatMap((beat) => {
    const which = left.findIndex((at) => Math.abs(at - beat) < NEAR_S)
    return which < 0 ? [] : [1000 * Math.abs(left.splice(which, 1)[0]! - beat)]
  })
  return {
    meant: trial.beats.length,
    found: errors.length,
    none: left.length,
    errors,
    seconds: trial.length,
    work,
    tried: firstTry(heard, trial.beats.length),
  }
}

function firstTry(heard: number[], meant: number): number[] {
  const tries = new Tries()
  for (const at of [...heard, Infinity]) {
    if (at > (tries.last ?? at) + (tries.pause() ?? 0)) {
      const tried = tries.end()
      if (tried.length > 0) {
        return tried.length === meant ? tried : []
      }
    }
    tries.beat(at)
  }
  return []
}
