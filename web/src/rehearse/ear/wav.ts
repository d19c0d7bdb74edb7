/**
 * A sound as a WAV file: one channel of 16 bits (RIFF, as in “Multimedia Programming Interface and Data Specifications 1.0”,
 * 1991).
 *
 * @param sound samples from −1 to 1
 * @param rate samples a second
 */
export function toWav(sound: Float32Array, rate: number): Blob {
  const file = new DataView(new ArrayBuffer(44 + 2 * sound.length))
  const write = (at: number, text: string) =>
    [...text].forEach((c, i) => file.setUint8(at + i, c.charCodeAt(0)))
  write(0, 'RIFF')
  file.setUint32(4, file.byteLength - 8, true)
  write(8, 'WAVEfmt ')
  file.setUint32(16, 16, true)
  file.setUint16(20, 1, true)
  file.setUint16(22, 1, true)
  file.setUint32(24, rate, true)
  file.setUint32(28, 2 * rate, true)
  file.setUint16(32, 2, true)
  file.setUint16(34, 16, true)
  write(36, 'data')
  file.setUint32(40, 2 * sound.length, true)
  sound.forEach((sample, i) =>
    file.setInt16(44 + 2 * i, Math.round(32_767 * Math.max(-1, Math.min(1, sample))), true),
  )
  return new Blob([file], { type: 'audio/wav' })
}
