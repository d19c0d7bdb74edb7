// Hears beats: a peak that stands out from the noise of the room. Runs beside the page, keeps no sound and sends only times.

/** So soon after a beat no other one is heard: a card that lands rings on. */
const APART_S = 0.12

/** A peak is so many times as loud as the room. */
const ABOVE_ROOM = 6

/** Quieter than this nothing is a beat, however still the room. */
const LEAST = 0.02

/** How fast the noise of the room is followed, by sample. */
const FOLLOW = 0.0002

class Onsets extends AudioWorkletProcessor {
  constructor() {
    super()
    this.room = 0
    this.last = -1
  }

  process(inputs) {
    const samples = inputs[0]?.[0]
    if (!samples) {
      return true
    }
    for (let i = 0; i < samples.length; i++) {
      const loud = Math.abs(samples[i])
      const now = currentTime + i / sampleRate
      if (loud > Math.max(LEAST, ABOVE_ROOM * this.room) && now - this.last > APART_S) {
        this.last = now
        this.port.postMessage(now * 1000)
      }
      // A beat itself is no noise of the room.
      if (now - this.last > APART_S) {
        this.room += FOLLOW * (loud - this.room)
      }
    }
    return true
  }
}

registerProcessor('onsets', Onsets)
