/** A sound is the last of a try when so many of its beats go by without another one; at least so many seconds. */
const PAUSE_BEATS = 2.2
const SHORTEST_PAUSE_S = 0.6

/** After a single sound so long is waited for a second one. */
const ALONE_S = 2.5

/** What comes so much further from the beats than they from one another is no beat: a chair before, the deck put down after. */
const STRAY = 1.7

/** Taking beats for tries: each ends when its beats are there, or a pause says so. */
export class Tries {
  private times: number[] = []

  /** How many beats there are by now. */
  get heard(): number {
    return this.times.length
  }

  /** When the last of them came, in seconds. */
  get last(): number | undefined {
    return this.times.at(-1)
  }

  /** A beat, in seconds. One that does not come after the last is none. */
  beat(at: number): void {
    if (this.times.length === 0 || at > this.times.at(-1)!) {
      this.times.push(at)
    }
  }

  /** How long after the last beat the try is over; nothing while there is none. */
  pause(): number | undefined {
    return this.times.length === 0
      ? undefined
      : this.times.length === 1
        ? ALONE_S
        : Math.max(SHORTEST_PAUSE_S, PAUSE_BEATS * median(apart(this.times)))
  }

  /** Ends the try: its beats, without what strayed in before and after. A single sound was none. */
  end(): number[] {
    let times = this.times
    this.times = []
    while (times.length > 2 && isStray(apart(times), 0)) {
      times = times.slice(1)
    }
    while (times.length > 2 && isStray(apart(times), times.length - 2)) {
      times = times.slice(0, -1)
    }
    return times.length < 2 ? [] : times
  }
}

function isStray(intervals: number[], which: number): boolean {
  return intervals[which]! > STRAY * median(intervals.filter((_, i) => i !== which))
}

function apart(times: number[]): number[] {
  return times.slice(1).map((time, i) => time - times[i]!)
}

function median(values: number[]): number {
  const sorted = [...values].sort((one, other) => one - other)
  const middle = sorted.length >> 1
  return sorted.length % 2 === 1 ? sorted[middle]! : (sorted[middle - 1]! + sorted[middle]!) / 2
}
