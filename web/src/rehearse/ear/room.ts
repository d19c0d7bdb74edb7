import FFT from 'fft.js'

/** A new look at the sound begins every 1.3 ms; in samples. */
export const HOP = 64

/** The spectrum is that of the last 11 ms, in samples; it is taken at every second look. */
export const LONGEST = 512

/** What is sharp is over before that: its energy is that of the last 2.7 ms, in samples. */
const SHARP = 128
const SHARP_HZ = 1440

/** The edges of the bands in Hz, about an octave each: a dull sound stands out in the low ones, a sharp one in the high ones. */
const EDGES = [90, 180, 360, 720, 1440, 2880, 5760, 11_520, 20_000]
const SPECTRAL = EDGES.length - 1
/** The last band is all that is sharp. */
export const BANDS = SPECTRAL + 1

/** The bands of the metronome's click and its overtones, 360 to 5760 Hz, and what is sharp. */
const CLICK = [2, 3, 4, 5, SPECTRAL]

/** The room is what was heard in these last seconds; of what is sharp, which is looked at twice as often, in half of them. */
const ROOM_S = 3

/** Levels are counted in steps of a sixteenth of a decibel from −130 dB. */
const STEP_DB = 1 / 16
const STEPS = 2048
const LOWEST_DB = -130

/** What no microphone hears, in each band: about −120 dB. */
const SILENCE = 1e-12

/** A room is never taken to vary by less than so much. */
const LEAST_SPREAD_DB = 0.5

/** The room is reckoned anew after so many looks. */
const ANEW = 16

/** The bands of a look, and how far each stands out. */
export interface Look {
  /** By band, how many times further above the room its level is, in decibels, than the room varies; negative below it. */
  above: Float64Array
  /** The power of each band. */
  powers: Float64Array
  /** The power above that of the room, over all bands. */
  power: number
}

/**
 * The sound in bands, each held against the room: the median of its level over the last three seconds, and how far the level
 * falls below it in one look of six. Beats are above the median, so that they do not move the room.
 */
export class Room {
  private readonly fft = new FFT(LONGEST)
  private readonly window = Float64Array.from(
    { length: LONGEST },
    (_, i) => Math.sin((Math.PI * (i + 0.5)) / LONGEST) ** 2,
  )
  private readonly windowed = new Float64Array(LONGEST)
  private readonly spectrum = new Float64Array(2 * LONGEST)
  private readonly bins: number[]
  private readonly looks: number
  private readonly history: Uint16Array
  private readonly counts = new Uint16Array(STEPS * BANDS)
  private readonly kept = new Uint16Array(BANDS)
  private readonly median = new Float64Array(BANDS)
  private readonly medianPower = new Float64Array(BANDS)
  private readonly spread = new Float64Array(BANDS).fill(1)
  private readonly powers = new Float64Array(BANDS)
  private readonly levels = new Float64Array(BANDS)
  private looked = 0
  private readonly follow: number
  private low = 0
  private readonly blocks = new Float64Array(SHARP / HOP)

  constructor(rate: number) {
    this.bins = EDGES.map((hz) => Math.min(LONGEST / 2, Math.max(1, Math.round((hz * LONGEST) / rate))))
    this.looks = Math.round((ROOM_S * rate) / (2 * HOP))
    this.history = new Uint16Array(this.looks * BANDS)
    this.follow = 1 - Math.exp((-2 * Math.PI * SHARP_HZ) / rate)
  }

  /**
   * Looks once.
   *
   * @param samples the last {@link LONGEST}
   * @param clicked whether the metronome may be heard meanwhile
   */
  look(samples: Float32Array, clicked: boolean): Look {
    this.hearSharp(samples)
    const anew = this.looked % 2 === 0
    if (anew) {
      this.hearBands(samples)
    }
    const above = new Float64Array(BANDS)
    let power = 0
    for (let band = 0; band < BANDS; band++) {
      if (clicked && CLICK.includes(band)) {
        continue
      }
      if (anew || band === SPECTRAL) {
        this.levels[band] = 10 * Math.log10(this.powers[band]!)
        this.count(band, this.levels[band]!)
      }
      above[band] = (this.levels[band]! - this.median[band]!) / this.spread[band]!
      if (band < SPECTRAL) {
        power += Math.max(0, this.powers[band]! - this.medianPower[band]!)
      }
    }
    if (this.looked++ % ANEW === 0) {
      this.reckon()
    }
    return { above, powers: this.powers.slice(), power }
  }

  private hearSharp(samples: Float32Array): void {
    let energy = 0
    for (let i = LONGEST - HOP; i < LONGEST; i++) {
      this.low += this.follow * (samples[i]! - this.low)
      energy += (samples[i]! - this.low) ** 2
    }
    this.blocks[this.looked % this.blocks.length] = energy
    this.powers[SPECTRAL] = this.blocks.reduce((sum, each) => sum + each, 0) / (2 * LONGEST) + SILENCE
  }

  private hearBands(samples: Float32Array): void {
    for (let i = 0; i < LONGEST; i++) {
      this.windowed[i] = this.window[i]! * samples[i]!
    }
    this.fft.realTransform(this.spectrum, this.windowed)
    for (let band = 0; band < SPECTRAL; band++) {
      let sum = 0
      for (let bin = this.bins[band]!; bin < this.bins[band + 1]!; bin++) {
        sum += this.spectrum[2 * bin]! ** 2 + this.spectrum[2 * bin + 1]! ** 2
      }
      this.powers[band] = sum / LONGEST ** 2 + SILENCE
    }
  }

  private count(band: number, level: number): void {
    const step = Math.max(0, Math.min(STEPS - 1, Math.round((level - LOWEST_DB) / STEP_DB)))
    const place = band * this.looks + (this.kept[band]! % this.looks)
    if (this.kept[band]! >= this.looks) {
      this.counts[band * STEPS + this.history[place]!]!--
    }
    this.history[place] = step
    this.counts[band * STEPS + step]!++
    // A count that began anew at nothing would take the room for empty.
    this.kept[band] = this.kept[band]! + 1 < 2 * this.looks ? this.kept[band]! + 1 : this.looks
  }

  private reckon(): void {
    for (let band = 0; band < BANDS; band++) {
      const median = this.quantile(band, 1 / 2)
      this.median[band] = median
      this.medianPower[band] = 10 ** (median / 10)
      this.spread[band] = Math.max(LEAST_SPREAD_DB, median - this.quantile(band, 1 / 6))
    }
  }

  private quantile(band: number, part: number): number {
    let left = part * Math.min(this.kept[band]!, this.looks)
    let step = 0
    while (step < STEPS - 1 && (left -= this.counts[band * STEPS + step]!) > 0) {
      step++
    }
    return LOWEST_DB + STEP_DB * step
  }
}
