import { clickShape } from './metronome'

/** What cards land on: a cloth, dull for 10 ms; a table, sharp for 4 ms; or a packet that is squared, twice, 60 ms apart. */
export type Landing = 'felt' | 'table' | 'squared'

/** What else is heard. Levels are those of the noise (its root mean square) below the peak of a beat, in decibels. */
export type Around =
  | 'quiet'
  | 'hiss-30'
  | 'hiss-20'
  | 'hiss-12'
  | 'hum'
  | 'fan'
  | 'babble'
  | 'clap'
  | 'half-loud'
  | 'riffle'
  | 'metronome'

/** A sound to make. */
export interface Wanted {
  landing: Landing
  around: Around
  /** Beats, in seconds. */
  beats: number[]
  /** How long it is, in seconds. */
  length: number
  rate: number
  seed: number
}

/** How loud a beat is at its peak. */
const PEAK = 0.3

const decibels = (level: number) => 10 ** (level / 20)

/** Chances that are the same for the same seed (mulberry32, a generator in the public domain). */
export function chances(seed: number): () => number {
  let state = seed | 0
  return () => {
    state = (state + 0x6d2b79f5) | 0
    let mixed = Math.imul(state ^ (state >>> 15), 1 | state)
    mixed = (mixed + Math.imul(mixed ^ (mixed >>> 7), 61 | mixed)) ^ mixed
    return ((mixed ^ (mixed >>> 14)) >>> 0) / 2 ** 32
  }
}

/** By way of the loudspeaker and the microphone a click is heard so much later than it was asked for. */
const LATENCY_S = 0.06

/** When the metronome is asked to click, which is seldom when a card lands. */
export function clicksOf(wanted: Wanted): number[] {
  const apart = 0.83 * ((wanted.beats[1] ?? 1) - (wanted.beats[0] ?? 0.4))
  return Array.from({ length: Math.floor((wanted.length - 0.7) / apart) }, (_, i) => 0.7 + apart * i)
}

/** Makes a sound of cards that land, with what is around it; samples from −1 to 1. */
export function makeSound(wanted: Wanted): Float32Array {
  const { rate, around } = wanted
  const chance = chances(wanted.seed)
  const sound = new Float32Array(Math.round(wanted.length * rate))
  wanted.beats.forEach((at, i) => {
    const loud = PEAK * (around === 'half-loud' && i % 2 === 1 ? 0.5 : 1)
    land(sound, rate, at, wanted.landing, loud, chance)
  })
  const after = (wanted.beats.at(-1) ?? 0) + 0.6
  switch (around) {
    case 'hiss-30':
    case 'hiss-20':
    case 'hiss-12':
      hiss(sound, PEAK * decibels(-Number(around.slice(-2))), chance)
      break
    case 'hum':
      hum(sound, rate, PEAK * decibels(-20), chance)
      break
    case 'fan':
      fan(sound, PEAK * decibels(-20), chance)
      break
    case 'babble':
      babble(sound, rate, PEAK * decibels(-26), chance)
      break
    case 'clap':
      clap(sound, rate, wanted.beats[0]! - 0.45, PEAK * decibels(-20), chance)
      clap(sound, rate, after, PEAK * decibels(-20), chance)
      break
    case 'riffle':
      riffle(sound, rate, after, chance)
      break
    case 'metronome':
      clicksOf(wanted).forEach((at) => click(sound, rate, at + LATENCY_S, PEAK))
      break
    default:
  }
  // No room is without any sound.
  hiss(sound, PEAK * decibels(-60), chance)
  return sound
}

/** Each beat rises in half a millisecond and dies away. */
function land(
  sound: Float32Array,
  rate: number,
  at: number,
  landing: Landing,
  loud: number,
  chance: () => number,
): void {
  if (landing === 'squared') {
    land(sound, rate, at, 'table', loud, chance)
    land(sound, rate, at + 0.06, 'table', loud * 0.8, chance)
    return
  }
  const dies = landing === 'felt' ? 0.01 : 0.004
  const tone = landing === 'felt' ? 180 + 120 * chance() : 0
  const from = Math.round(at * rate)
  let dull = 0
  for (let i = 0; i < 8 * dies * rate && from + i < sound.length; i++) {
    const since = i / rate
    const shape = loud * Math.min(1, since / 0.0005) * Math.exp(-since / dies)
    const noise = 2 * chance() - 1
    dull += 0.15 * (noise - dull)
    sound[from + i]! +=
      shape * (landing === 'felt' ? 0.7 * Math.sin(2 * Math.PI * tone * since + 1) + dull : noise)
  }
}

function hiss(sound: Float32Array, level: number, chance: () => number): void {
  for (let i = 0; i < sound.length; i++) {
    // The sum of three evenly spread numbers is near enough to a bell, and of this spread.
    sound[i]! += level * 2 * (chance() + chance() + chance() - 1.5)
  }
}

function hum(sound: Float32Array, rate: number, level: number, chance: () => number): void {
  const begin = chance()
  for (let i = 0; i < sound.length; i++) {
    const turn = 2 * Math.PI * (50 * (i / rate) + begin)
    sound[i]! +=
      level *
      (Math.sin(turn) + 0.6 * Math.sin(2 * turn) + 0.4 * Math.sin(3 * turn + 1) + 0.3 * Math.sin(5 * turn))
  }
}

/** Noise of which every octave is as strong (by summing noises that change half as often each). */
function fan(sound: Float32Array, level: number, chance: () => number): void {
  const rows = Array.from({ length: 12 }, () => 2 * chance() - 1)
  for (let i = 0; i < sound.length; i++) {
    const row = Math.min(rows.length - 1, Math.clz32((i + 1) & -(i + 1)) ^ 31)
    rows[row] = 2 * chance() - 1
    sound[i]! += (level / 2) * rows.reduce((sum, each) => sum + each, 0)
  }
}

/** Four voices: syllables of tones that glide, each swelling and dying away, some after a burst of breath, with rests. */
function babble(sound: Float32Array, rate: number, level: number, chance: () => number): void {
  for (let voice = 0; voice < 4; voice++) {
    let at = chance() * 0.3
    while (at < sound.length / rate) {
      const lasts = 0.09 + 0.2 * chance()
      const swells = 0.015 + 0.03 * chance()
      const pitch = 95 + 130 * chance()
      const formant = 400 + 1500 * chance()
      const glide = 0.85 + 0.3 * chance()
      for (
        let i = 0, bursts = chance() < 0.1 ? 0.012 * rate : 0;
        i < bursts && at * rate + i < sound.length;
        i++
      ) {
        sound[Math.round(at * rate) + i]! += 0.3 * level * (2 * chance() - 1)
      }
      let turn = 0
      for (let i = 0; i < lasts * rate && at * rate + i < sound.length; i++) {
        const since = i / rate
        turn += (2 * Math.PI * pitch * (1 + ((glide - 1) * since) / lasts)) / rate
        let tones = 0
        for (let n = 1; n * pitch < 3500; n += 1) {
          tones += Math.sin(n * turn) / (1 + ((n * pitch - formant) / 250) ** 2)
        }
        const shape = Math.min(1, since / swells, (lasts - since) / 0.04)
        sound[Math.round(at * rate) + i]! += level * 0.6 * shape * tones
      }
      at += lasts + (chance() < 0.25 ? 0.3 * chance() : 0.03 * chance())
    }
  }
}

/** Somebody claps at the other end of a hall: dull, and it rings for half a second. */
function clap(sound: Float32Array, rate: number, at: number, level: number, chance: () => number): void {
  let dull = 0
  for (let i = 0; i < 0.5 * rate; i++) {
    const place = Math.round(at * rate) + i
    dull += 0.3 * (2 * chance() - 1 - dull)
    if (place >= 0 && place < sound.length) {
      sound[place]! += level * 2 * Math.min(1, i / rate / 0.004) * Math.exp(-i / rate / 0.09) * dull
    }
  }
}

/** Half a pack falls into the other: a card every 15 to 35 ms. */
function riffle(sound: Float32Array, rate: number, begin: number, chance: () => number): void {
  for (let card = 0, at = begin; card < 30; card++) {
    land(sound, rate, at, 'table', PEAK * (0.3 + 0.4 * chance()), chance)
    at += 0.015 + 0.02 * chance()
  }
}

/** The metronome by way of a loudspeaker, as `metronome.ts` makes it. */
function click(sound: Float32Array, rate: number, at: number, level: number): void {
  for (let i = 0; i < 0.05 * rate; i++) {
    const since = i / rate
    const place = Math.round(at * rate) + i
    if (place < sound.length) {
      sound[place]! +=
        level *
        clickShape(since) *
        (Math.sin(2 * Math.PI * 1200 * since) + 0.1 * Math.sin(2 * Math.PI * 2400 * since))
    }
  }
}

/** A sound to try an ear with: four cards on a table, of which the third comes 35 % late. */
export function sample(around: Around, rate: number): Float32Array {
  return makeSound({ landing: 'table', around, beats: [1.5, 2.2, 3.145, 3.6], length: 7, rate, seed: 28 })
}
