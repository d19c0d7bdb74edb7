import worklet from './ear.worklet?worker&url'
import type { Heard } from './onsets'

/** What the page tells the ear: that the metronome clicks at a time, or how far above the room a beat must be. */
export type ToEar = { click: number } | { threshold: number }

/** What the ear tells the page, about 47 times a second. */
export interface FromEar {
  heard: Heard[]
  /** How far above the room it was since the last time; a beat rises by 1 or more. */
  line: number[]
  /** Until when, in seconds on the clock of the sound. */
  now: number
  /** Whether the room is known by now. */
  listening: boolean
}

/** An ear that listens. */
export interface Ear {
  tell: (what: ToEar) => void
  stop: () => void
}

/**
 * Listens. Nothing is recorded: the page hears when something began and how loud it is, and nothing else.
 *
 * @param context whose clock is used; it stays open
 * @param source the microphone, or a sound that is played and heard at once
 * @throws when there is no microphone, or it may not be used
 */
export async function listen(
  context: AudioContext,
  source: 'microphone' | Float32Array,
  told: (what: FromEar) => void,
): Promise<Ear> {
  await context.resume()
  await context.audioWorklet.addModule(worklet)
  const ear = new AudioWorkletNode(context, 'ear', { numberOfOutputs: 0 })
  ear.port.onmessage = ({ data }: MessageEvent<FromEar>) => told(data)
  const stopSource = source === 'microphone' ? await hearMicrophone(context, ear) : play(context, source, ear)
  return {
    tell: (what) => ear.port.postMessage(what),
    stop: () => {
      ear.port.onmessage = null
      stopSource()
      ear.disconnect()
    },
  }
}

async function hearMicrophone(context: AudioContext, ear: AudioNode): Promise<() => void> {
  const stream = await navigator.mediaDevices.getUserMedia({
    audio: { echoCancellation: false, noiseSuppression: false, autoGainControl: false },
  })
  const microphone = new MediaStreamAudioSourceNode(context, { mediaStream: stream })
  microphone.connect(ear)
  return () => {
    stream.getTracks().forEach((track) => track.stop())
    microphone.disconnect()
  }
}

function play(context: AudioContext, sound: Float32Array, ear: AudioNode): () => void {
  const buffer = new AudioBuffer({ length: sound.length, sampleRate: context.sampleRate })
  buffer.copyToChannel(sound as Float32Array<ArrayBuffer>, 0)
  const player = new AudioBufferSourceNode(context, { buffer })
  player.connect(ear)
  player.connect(context.destination)
  player.start()
  return () => player.disconnect()
}
