import { describe, expect, it } from 'vitest'
import { AROUNDS, hearTrial, trials } from './howWell'
import { Onsets, type Heard } from './onsets'
import { chances, clicksOf, makeSound, type Around } from './sounds'

const RATE = 48_000

/** Hears a sound in pieces of 128, as a worklet is given it. */
function hear(sound: Float32Array, ear = new Onsets(RATE)): Heard[] {
  const heard: Heard[] = []
  for (let i = 0; i < sound.length; i += 128) {
    heard.push(...ear.hear(sound.subarray(i, i + 128)))
  }
  return heard
}

const beats = (heard: Heard[]) => heard.filter((each) => each.what === 'beat').map((each) => each.at)

/** A sound without any beat. */
const without = (around: Around, seed: number) =>
  makeSound({ landing: 'table', around, beats: [], length: 20, rate: RATE, seed })

describe('an ear', () => {
  it.each(AROUNDS.filter((each) => each !== 'babble' && each !== 'hiss-12'))(
    'hears every beat and no other with %s',
    (around) => {
      for (const trial of trials(around, 2)) {
        const result = hearTrial(trial)
        expect(result.found, `${trial.landing} ${trial.seed}`).toBe(8)
        expect(result.none, `${trial.landing} ${trial.seed}`).toBe(0)
        // A click that comes with a beat may be what is steepest.
        expect(Math.max(...result.errors)).toBeLessThan(around === 'metronome' ? 15 : 8)
      }
    },
  )

  it('hears most beats through a loud hiss and through voices', () => {
    for (const around of ['hiss-12', 'babble'] as const) {
      const results = trials(around, 2).map(hearTrial)
      expect(results.reduce((sum, each) => sum + each.found, 0)).toBeGreaterThan(0.9 * 8 * results.length)
    }
  })

  it.each(['hiss-30', 'hiss-12', 'fan', 'hum'] as const)(
    'hears nothing where there is nothing but %s',
    (around) => {
      expect(beats(hear(without(around, 5)))).toEqual([])
    },
  )

  it('hears nothing in silence, and nothing in a tone that goes on', () => {
    expect(hear(new Float32Array(RATE * 2))).toEqual([])
    const tone = Float32Array.from({ length: RATE * 3 }, (_, i) =>
      i < RATE ? 0 : 0.3 * Math.sin((2 * Math.PI * 440 * i) / RATE),
    )
    expect(beats(hear(tone))).toEqual([])
    expect(hear(tone)[0]!.what).toBe('goes-on')
  })

  it('takes a single loud sample for no more than one beat, and times it to the millisecond', () => {
    const sound = without('quiet', 1)
    sound[RATE] = 0.9
    const heard = beats(hear(sound))
    expect(heard).toHaveLength(1)
    expect(heard[0]).toBeCloseTo(1, 2)
  })

  it('says times on the clock that it was begun with, whatever the pieces it hears are', () => {
    const sound = makeSound({
      landing: 'table',
      around: 'quiet',
      beats: [1, 2],
      length: 3,
      rate: RATE,
      seed: 3,
    })
    const ear = new Onsets(RATE, 100)
    const heard: Heard[] = []
    const chance = chances(4)
    for (let i = 0; i < sound.length;) {
      const next = i + 1 + Math.floor(700 * chance())
      heard.push(...ear.hear(sound.subarray(i, next)))
      i = next
    }
    expect(beats(heard).map((at) => Math.round(1000 * at))).toEqual([101_000, 102_000])
  })

  it('needs louder beats when it is told to', () => {
    const sound = makeSound({
      landing: 'table',
      around: 'hiss-20',
      beats: [1, 2],
      length: 3,
      rate: RATE,
      seed: 3,
    })
    const ear = new Onsets(RATE)
    ear.threshold = 8
    expect(beats(hear(sound, ear))).toEqual([])
  })

  it('hears no click of the metronome that it was told of, and any other', () => {
    const wanted = {
      landing: 'felt',
      around: 'metronome',
      beats: [],
      length: 6,
      rate: RATE,
      seed: 3,
    } as const
    const clicks = makeSound({ ...wanted, beats: [] })
    const told = new Onsets(RATE)
    clicksOf({ ...wanted, beats: [] }).forEach((at) => told.leaveOut(at))
    expect(beats(hear(clicks, told))).toEqual([])
    expect(hear(clicks).length).toBeGreaterThan(3)
  })

  it('hears nothing in the first half second, when it learns the room', () => {
    const sound = makeSound({
      landing: 'table',
      around: 'quiet',
      beats: [0.3, 2.6],
      length: 3,
      rate: RATE,
      seed: 3,
    })
    expect(beats(hear(sound)).map((at) => Math.round(10 * at))).toEqual([26])
  })
})
