/** How far ahead clicks are handed to the sound, so that a busy page does not make them late. */
const AHEAD_S = 0.2

const LOOK_AGAIN_MS = 50

/** It swells so long, so that it is a tone alone and no crack, which an ear would hear in every band. */
const SWELLS_S = 0.005

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
      const tone = new OscillatorNode(context, { frequency: 1200 })
      const gain = new GainNode(context, { gain: 0 })
      gain.gain.setValueAtTime(0, at)
      gain.gain.linearRampToValueAtTime(0.3, at + SWELLS_S)
      gain.gain.exponentialRampToValueAtTime(0.001, at + 0.04)
      tone.connect(gain).connect(context.destination)
      tone.start(at)
      tone.stop(at + 0.05)
    }
    window.setTimeout(flash, Math.max(0, (at - context.currentTime) * 1000))
  }

  return () => window.clearInterval(timer)
}
