/** How far ahead clicks are handed to the sound, so that a busy page does not make them late. */
const AHEAD_S = 0.2

const LOOK_AGAIN_MS = 50

const PITCH_HZ = 1200
const LOUD = 0.3

/** It swells and dies away without any edge: so it is a tone alone and no crack, which an ear would hear in every band. */
const SWELLS_S = 0.008
const LASTS_S = 0.05

/** How loud a click is so long after its beginning, from 0 to 1. */
export function clickShape(since: number): number {
  const part = since < SWELLS_S ? since / SWELLS_S : 1 - (since - SWELLS_S) / (LASTS_S - SWELLS_S)
  return Math.sin((Math.PI / 2) * Math.max(0, part)) ** 2
}

const CURVE = Float32Array.from({ length: 100 }, (_, i) => LOUD * clickShape((LASTS_S * i) / 99))

/**
 * Clicks at an even tempo, scheduled ahead on the clock of the sound; each also calls for a flash.
 *
 * @param clicks told of each click that will be heard, in seconds, before it is
 */
export function startMetronome(
  context: AudioContext,
  tempo: number,
  silent: boolean,
  flash: () => void,
  clicks: (at: number) => void,
): () => void {
  const apart = 60 / tempo
  let next = context.currentTime + 0.1
  const timer = window.setInterval(() => {
    while (next < context.currentTime + AHEAD_S) {
      click(next)
      next += apart
    }
  }, LOOK_AGAIN_MS)

  function click(at: number): void {
    if (!silent) {
      clicks(at)
      const tone = new OscillatorNode(context, { frequency: PITCH_HZ })
      const gain = new GainNode(context, { gain: 0 })
      gain.gain.setValueCurveAtTime(CURVE, at, LASTS_S)
      tone.connect(gain).connect(context.destination)
      tone.start(at)
      tone.stop(at + LASTS_S)
    }
    window.setTimeout(flash, Math.max(0, (at - context.currentTime) * 1000))
  }

  return () => window.clearInterval(timer)
}
