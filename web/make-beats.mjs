// Makes the sound that stands in for cards landing on a table: four even beats, then four of which the second is hurried.
import { writeFileSync } from 'node:fs'

const RATE = 48_000
const EVEN = [1, 1.5, 2, 2.5]
const HURRIED = [4.5, 4.8, 5.3, 5.8]
const LENGTH_S = 7
const DECAY_S = 0.012

const samples = new Int16Array(RATE * LENGTH_S)
// A made-up noise that is the same each time.
let state = 1
const noise = () => (state = (state * 16_807) % 2_147_483_647) / 2_147_483_647 - 0.5
for (let i = 0; i < samples.length; i++) {
  samples[i] = Math.round(60 * noise())
}
for (const beat of [...EVEN, ...HURRIED]) {
  for (let i = 0; i < RATE * 0.08; i++) {
    samples[Math.round(beat * RATE) + i] += Math.round(26_000 * noise() * Math.exp(-i / (RATE * DECAY_S)))
  }
}

const header = Buffer.alloc(44)
header.write('RIFF', 0)
header.writeUInt32LE(36 + samples.byteLength, 4)
header.write('WAVEfmt ', 8)
header.writeUInt32LE(16, 16)
header.writeUInt16LE(1, 20)
header.writeUInt16LE(1, 22)
header.writeUInt32LE(RATE, 24)
header.writeUInt32LE(RATE * 2, 28)
header.writeUInt16LE(2, 32)
header.writeUInt16LE(16, 34)
header.write('data', 36)
header.writeUInt32LE(samples.byteLength, 40)
writeFileSync(
  new URL('./target/classes/static/beats.wav', import.meta.url),
  Buffer.concat([header, Buffer.from(samples.buffer)]),
)
