import { writeFileSync } from 'node:fs'
import { it } from 'vitest'
import { AROUNDS, hearTrial, trials, type Result } from './howWell'

/** So often is each landing heard at each tempo, by each rate: eight tempos, two rates. */
const ROUNDS = 32

it('hears', () => {
  const tried: string[] = []
  for (const around of AROUNDS) {
    const all = trials(around, ROUNDS)
    const results = all.map(hearTrial)
    const sum = (of: (result: Result) => number) => results.reduce((before, each) => before + of(each), 0)
    const errors = results.flatMap((each) => each.errors).sort((one, other) => one - other)
    const [meant, seconds] = [sum((each) => each.meant), sum((each) => each.seconds)]
    const figures = [
      `${((100 * sum((each) => each.found)) / meant).toFixed(2)} % of ${meant} beats`,
      `${((60 * sum((each) => each.none)) / seconds).toFixed(2)} a minute are none`,
      `19 of 20 within ${errors[Math.floor(0.95 * errors.length)]!.toFixed(1)} ms`,
      `${(sum((each) => each.work) / seconds).toFixed(1)} ms a second of sound`,
    ]
    console.log(`FIGURE | heard: ${around} | ${figures.join(', ')} |`)
    all.forEach(({ off }, i) =>
      tried.push(`${around} ${off.beat} ${off.by} ${results[i]!.tried.map((time) => 1000 * time).join(' ')}`),
    )
  }
  writeFileSync('target/heard.txt', tried.join('\n'))
}, 600_000)
