/** Beats as they are heard: each is given with its time in milliseconds, from any start. */
export interface Ear {
  stop: () => void
}

/**
 * Listens for beats. Nothing is recorded: the page hears when a beat came, and nothing else.
 *
 * @param source the microphone, or the sample that ships, for those who have none
 * @param heard called for each beat
 * @throws when there is no microphone, or it may not be used
 */
export async function listen(source: 'microphone' | 'sample', heard: (at: number) => void): Promise<Ear> {
  const context = new AudioContext()
  try {
    await context.audioWorklet.addModule('/onsets.js')
    const onsets = new AudioWorkletNode(context, 'onsets')
    onsets.port.onmessage = (message: MessageEvent<number>) => heard(message.data)
    if (source === 'sample') {
      const file = await (await fetch('/beats.wav')).arrayBuffer()
      const sample = new AudioBufferSourceNode(context, { buffer: await context.decodeAudioData(file) })
      sample.connect(onsets)
      sample.connect(context.destination)
      sample.start()
      return { stop: () => void context.close() }
    }
    const stream = await navigator.mediaDevices.getUserMedia({
      audio: { echoCancellation: false, noiseSuppression: false, autoGainControl: false },
    })
    new MediaStreamAudioSourceNode(context, { mediaStream: stream }).connect(onsets)
    return {
      stop: () => {
        stream.getTracks().forEach((track) => track.stop())
        void context.close()
      },
    }
  } catch (thrown) {
    void context.close()
    throw thrown
  }
}
