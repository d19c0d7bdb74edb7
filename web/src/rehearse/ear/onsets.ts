import { BANDS, HOP, LONGEST, Room, type Look } from './room'

/** So long the room is listened to before anything counts, in seconds. */
export const FIRST_S = 0.5

/** A look is held against the one so many before it, which hears none of the same. */
const BEFORE = 10

/** A rise is a beat when it is so many times as large as the room varies. */
const THRESHOLD = 6

/** Quieter than this nothing is a beat, however still the room: a click of a thousandth of what can be recorded. */
const LEAST_POWER = 1e-8

/** What was a rise is over at this part of the threshold: only then another one can begin. */
const OVER = 0.5

/** A rise so soon after one is part of it: a packet that is squared lands twice, 60 ms apart. */
const ONE_S = 0.07

/** After so long it is clear what a rise began. */
const CLEAR_S = 0.1

/** A card has landed after so long. What is then above a tenth of its peak most of the time goes on. */
const LANDED_S = 0.032
const GOES_ON = 0.1
const MOST = 0.6

/** So many more rises before it is clear are a riffle, or something that rattles. */
const RATTLE = 2

/** What is this part as loud as the loudest beat of late is none itself; nor what is hardly louder than what the room does. */
const SOFT = 1 / 40
const LOUDER = 2
const OF_LATE_S = 5
const DISTURBED_S = 2

/** What was no card is over when nothing as loud rose for so long. */
const STILL_S = 0.07

/** A beat begins where the energy after differs most from that before, each over so long. */
const STEEP_S = 0.003

/** It is looked for so far on either side of the look that rose. */
const AROUND_S = 0.008

/** What is duller than this, in Hz, is looked for below it; what is sharper above. */
const DULL_HZ = 720
const DULL_BANDS = 3

/** Samples are kept for so long at least. */
const KEPT_S = 0.4

/** A click may be heard from so long before it was asked for until so long after, by way of loudspeaker and microphone. */
const CLICK_S = { before: 0.015, after: 0.2 }

/** Something that was heard. */
export interface Heard {
  /**
   * A card that landed; or what began as one, and then went on as a voice does, or rattled as a riffle does; or was too soft
   * beside the beats.
   */
  what: 'beat' | 'goes-on' | 'rattles' | 'soft'
  /** When it began, in seconds on the clock of the sound. */
  at: number
}

/** One look, held against the room and the look before. */
interface Now {
  look: Look
  /** How far it is above the look before, and above the room; 1 is as far as a beat must rise. */
  rose: number
  stands: number
  /** The power of what rose. */
  gained: number
}

/** A rise of which it is not clear yet what it is. */
interface Rise {
  /** The look with which it began. */
  look: number
  peak: number
  gained: number
  rose: number
  dull: boolean
  /** How many rises came after it, and how many looks after it had to be over were as loud still. */
  more: number
  going: number
}

/**
 * Hears cards land: a rise of the sound in its bands that stands out from the room is a beat, if it is over as soon as a card
 * is. Times are those of the steepest rise, to the sample.
 *
 * Onsets by spectral flux with an adaptive threshold: J. P. Bello and others, “A Tutorial on Onset Detection in Music Signals”,
 * IEEE Transactions on Speech and Audio Processing 13 (5), 2005.
 */
export class Onsets {
  /** How far up a rise must go: 1 as made; less hears softer beats, more needs louder ones. */
  threshold = 1
  private readonly room: Room
  private readonly samples: Float32Array
  private taken = 0
  private dropped = 0
  private looks = 0
  private readonly lately: Look[] = []
  private armed = true
  private rise: Rise | undefined
  private noCard = { look: -Infinity, gained: 0 }
  private readonly clicks: number[] = []
  private line: number[] = []
  private readonly loudest = { gained: 0, at: -1, lasts: OF_LATE_S }
  private readonly disturbing = { gained: 0, at: -1, lasts: DISTURBED_S }

  /**
   * @param rate samples a second
   * @param begin when the first sample was heard, in seconds
   */
  constructor(
    private readonly rate: number,
    private readonly begin = 0,
  ) {
    this.room = new Room(rate)
    this.samples = new Float32Array(Math.ceil(2 * KEPT_S * rate))
  }

  /** The metronome clicks at this time, in seconds, after those that were told before: what may be its click is left out. */
  leaveOut(at: number): void {
    this.clicks.push(at)
  }

  /** Listens to the samples that come next, and tells what is clear by now. */
  hear(samples: ArrayLike<number>): Heard[] {
    const heard: Heard[] = []
    for (let i = 0; i < samples.length; i++) {
      if (this.taken - this.dropped === this.samples.length) {
        const half = this.samples.length >> 1
        this.samples.copyWithin(0, half)
        this.dropped += half
      }
      this.samples[this.taken++ - this.dropped] = samples[i]!
      if (this.taken % HOP === 0 && this.taken >= LONGEST) {
        const told = this.look()
        if (told) {
          heard.push(told)
        }
      }
    }
    return heard
  }

  /** How far above the room each look was since this was asked last; a beat rises by 1 or more. */
  takeLine(): number[] {
    const line = this.line
    this.line = []
    return line
  }

  private seconds(looks: number): number {
    return (looks * HOP) / this.rate
  }

  private look(): Heard | undefined {
    const now = this.begin + this.taken / this.rate
    while (this.clicks.length > 0 && this.clicks[0]! + CLICK_S.after < now) {
      this.clicks.shift()
    }
    const clicked = this.clicks.length > 0 && this.clicks[0]! - CLICK_S.before < now
    const last = this.taken - this.dropped
    const look = this.room.look(this.samples.subarray(last - LONGEST, last), clicked)
    const before = this.lately.length < BEFORE ? look : this.lately.shift()!
    this.lately.push(look)
    this.looks++
    const needed = THRESHOLD * this.threshold
    let rose = 0
    let stands = 0
    let gained = 0
    for (let band = 0; band < BANDS; band++) {
      const above = look.above[band]!
      const up = above - Math.max(0, before.above[band]!)
      stands += Math.max(0, above) ** 2
      rose += Math.max(0, up) ** 2
      gained += up > needed / 2 ? Math.max(0, look.powers[band]! - before.powers[band]!) : 0
    }
    const heard = { rose: Math.sqrt(rose) / needed, stands: Math.sqrt(stands) / needed, gained, look }
    this.line.push(heard.stands)
    const begins =
      this.armed && heard.rose >= 1 && look.power > LEAST_POWER && this.seconds(this.looks) > FIRST_S / 2
    this.armed = this.armed ? !begins : heard.rose < OVER
    if (
      begins &&
      this.seconds(this.looks - this.noCard.look) < STILL_S &&
      SOFT * heard.gained <= this.noCard.gained
    ) {
      this.noCard.look = this.looks
      return undefined
    }
    return this.judge(begins, heard)
  }

  /** What is clear after this look. */
  private judge(begins: boolean, now: Now): Heard | undefined {
    const rise = this.rise
    // What is so much louder is no part of what came before.
    if (rise ? SOFT * now.gained > rise.gained : begins) {
      this.rise = begun(this.looks, now)
    }
    if (!rise || rise !== this.rise) {
      return undefined
    }
    const since = this.seconds(this.looks - rise.look)
    if (begins && now.gained > SOFT * rise.gained) {
      rise.more++
    }
    if (since < LANDED_S) {
      rise.peak = Math.max(rise.peak, now.look.power)
      rise.gained = Math.max(rise.gained, now.gained)
      if (now.rose > rise.rose) {
        rise.rose = now.rose
        rise.dull = isDull(now.look)
      }
    } else if (now.stands > OVER && now.look.power > GOES_ON * rise.peak) {
      rise.going++
    }
    const next = begins && since > ONE_S
    if (since < CLEAR_S && !next) {
      return undefined
    }
    this.rise = next ? begun(this.looks, now) : undefined
    const at = this.steepest(rise)
    const after = (Math.min(since, CLEAR_S) - LANDED_S) / this.seconds(1)
    const rattles = rise.more >= RATTLE
    const goesOn = rise.going > MOST * after
    const what = rattles ? 'rattles' : goesOn ? 'goes-on' : this.isSoft(rise.gained, at) ? 'soft' : 'beat'
    if (rattles) {
      this.rise = undefined
      this.noCard = { look: this.looks, gained: rise.gained }
    }
    return this.seconds(rise.look) < FIRST_S ? undefined : { what, at }
  }

  /** Whether a card would be louder. What is heard at first, and what was too soft, is what the room does. */
  private isSoft(gained: number, at: number): boolean {
    const atFirst = at - this.begin < FIRST_S
    const of = (it: { gained: number; at: number; lasts: number }) => (at - it.at < it.lasts ? it.gained : 0)
    const soft = atFirst || gained < Math.max(LOUDER * of(this.disturbing), SOFT * of(this.loudest))
    const known = soft ? this.disturbing : this.loudest
    if (gained > of(known)) {
      known.gained = gained
      known.at = at
    }
    return soft
  }

  /** Where the energy differs most from that before: among the low tones of a dull sound, the high ones of a sharp one. */
  private steepest(rise: Rise): number {
    const middle = LONGEST + (rise.look - 1) * HOP - LONGEST / 2
    const around = Math.round(AROUND_S * this.rate)
    const steep = Math.round(STEEP_S * this.rate)
    const from = middle - around - steep
    const upTo = middle + around + steep
    const energy = new Float64Array(upTo - from + 1)
    const follow = 1 - Math.exp((-2 * Math.PI * DULL_HZ) / this.rate)
    let low = 0
    for (let i = from; i < upTo; i++) {
      const sample = this.samples[i - this.dropped]!
      low += follow * (sample - low)
      energy[i - from + 1] = energy[i - from]! + (rise.dull ? low : sample - low) ** 2
    }
    let best = 0
    let at = middle
    for (let i = steep; i + steep < energy.length; i++) {
      const more = energy[i + steep]! - 2 * energy[i]! + energy[i - steep]!
      if (more > best) {
        best = more
        at = from + i
      }
    }
    return this.begin + at / this.rate
  }
}

function isDull({ above }: Look): boolean {
  return above.indexOf(Math.max(...above)) < DULL_BANDS
}

function begun(at: number, { look, rose, gained }: Now): Rise {
  return { look: at, peak: look.power, dull: isDull(look), more: 0, going: 0, rose, gained }
}
