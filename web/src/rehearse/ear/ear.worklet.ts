import type { ToEar, FromEar } from './listen'
import { FIRST_S, Onsets, type Heard } from './onsets'

// What a worklet finds around it; the types of the page do not have it.
declare const sampleRate: number
declare const currentTime: number
declare function registerProcessor(name: string, processor: new () => unknown): void
declare class AudioWorkletProcessor {
  readonly port: MessagePort
}

const QUANTUM = 128

/** The page is told after so many pieces of sound, about 47 times a second; of so many looks it gets the highest. */
const TOLD_AFTER = 8
const LOOKS_A_POINT = 4

/** Runs {@link Onsets} beside the page. It keeps no sound, and sends times and how loud it was. */
class Ear extends AudioWorkletProcessor {
  /** Begun with the first piece of sound, which comes when there is something to hear. */
  private onsets: Onsets | undefined
  private readonly silence = new Float32Array(QUANTUM)
  private begin = 0
  private threshold = 1
  private heard: Heard[] = []
  private line: number[] = []
  private pieces = 0

  constructor() {
    super()
    this.port.onmessage = ({ data }: MessageEvent<ToEar>) => {
      if ('click' in data) {
        this.onsets?.leaveOut(data.click)
      } else {
        this.threshold = data.threshold
      }
    }
  }

  process(inputs: Float32Array[][]): boolean {
    // A sound that has ended gives nothing: time goes on all the same.
    if (!this.onsets) {
      this.begin = currentTime
      this.onsets = new Onsets(sampleRate, currentTime)
    }
    this.onsets.threshold = this.threshold
    this.heard.push(...this.onsets.hear(inputs[0]?.[0] ?? this.silence))
    this.line.push(...this.onsets.takeLine())
    if (++this.pieces % TOLD_AFTER === 0) {
      const points = []
      while (this.line.length >= LOOKS_A_POINT) {
        points.push(Math.max(...this.line.splice(0, LOOKS_A_POINT)))
      }
      const now = currentTime + QUANTUM / sampleRate
      const told: FromEar = { heard: this.heard, line: points, now, listening: now - this.begin >= FIRST_S }
      this.heard = []
      this.port.postMessage(told)
    }
    return true
  }
}

registerProcessor('ear', Ear)
