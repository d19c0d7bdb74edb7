// Holds the figures of this tree against those of another revision, built in a folder beside: each figure of both in turns, on
// the same machine, since absolute times vary by half from one hour to the next. Prints before, now, their ratio and how far the
// ratios of the rounds lie apart, the worst first. Usage: node tools/against.mjs REVISION [quick]; see ./figures.
import { execFileSync } from 'node:child_process'
import { mkdtempSync, readFileSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'

const [revision, quick] = process.argv.slice(2)
const ROUNDS = quick ? 2 : 3
/** Of the browser's figures, which take minutes each round. */
const BROWSER_ROUNDS = quick ? 0 : 2
/** With less to warm up on, what is measured is how long the compiler takes. */
const SHORT = quick
  ? ['-f', '1', '-wi', '3', '-w', '1s', '-i', '2', '-r', '500ms']
  : ['-f', '1', '-wi', '4', '-w', '1s', '-i', '3', '-r', '1s']

const maven = ['-q', '-B', '-ntp', '-DskipTests', '-Dspotless.check.skip']
const run = (folder, command, args, options = {}) =>
  execFileSync(command, args, { cwd: folder, encoding: 'utf8', maxBuffer: 1 << 28, stdio: ['ignore', 'pipe', 'ignore'], ...options })

const here = process.cwd()
const beside = mkdtempSync(join(tmpdir(), 'crafty-before-'))
const trees = { before: join(beside, 'tree'), now: here }

/** What was measured: by figure, then by tree, one value a round. */
const measured = new Map()

function keep(figure, tree, value, unit) {
  const of = measured.get(figure) ?? { unit, before: [], now: [] }
  of[tree].push(value)
  measured.set(figure, of)
}

/** One short fork of a benchmark; a throughput is turned into a time. */
function benchmark(tree, name) {
  const out = join(beside, 'one.json')
  run(trees[tree], 'java', ['-jar', 'bench/target/benchmarks.jar', `^${name.replaceAll('.', '\\.')}$`, ...SHORT, '-rf', 'json', '-rff', out])
  for (const { benchmark, mode, primaryMetric } of JSON.parse(readFileSync(out, 'utf8'))) {
    const { score, scoreUnit } = primaryMetric
    keep(benchmark.replace(/.*\.(?=[A-Z])/, ''), tree, mode === 'thrpt' ? 1 / score : score, mode === 'thrpt' ? `1/(${scoreUnit})` : scoreUnit)
  }
}

function benchmarks(tree) {
  const listed = run(trees[tree], 'java', ['-jar', 'bench/target/benchmarks.jar', '-l'])
  return listed.split('\n').filter((line) => line.startsWith('craftypocket.'))
}

/** The figures of the application in Chromium: lines such as “FIGURE | edit to redrawn deck | 84 ms | under 100 ms”. */
function inBrowser(tree) {
  run(trees[tree], './start', ['--prepare'])
  const printed = run(trees[tree], 'mvn', [
    '-B', '-ntp', '-Dspotless.check.skip', '-pl', 'e2e', 'verify',
    '-Dcrafty.groups=figures', '-Dcrafty.excluded-groups=', '-Dcrafty.workers=1',
  ])
  for (const [, figure, value, unit] of printed.matchAll(/FIGURE \| ([^|]+) \| ([\d.]+) ?([a-zA-Z]*)/g)) {
    keep(figure.trim(), tree, Number(value), unit)
  }
}

function median(values) {
  const sorted = [...values].sort((one, other) => one - other)
  return (sorted[Math.floor((sorted.length - 1) / 2)] + sorted[Math.floor(sorted.length / 2)]) / 2
}

function table() {
  const rows = [...measured].map(([figure, { unit, before, now }]) => {
    const ratios = now.map((value, round) => value / before[round]).filter(Number.isFinite)
    return { figure, unit, before: median(before), now: median(now), ratio: median(ratios), least: Math.min(...ratios), most: Math.max(...ratios) }
  })
  const both = rows.filter((row) => Number.isFinite(row.ratio)).sort((one, other) => other.ratio - one.ratio)
  const amount = (value) => Number(value.toPrecision(3)).toString().padStart(9)
  console.log(`${'figure'.padEnd(72)}   before       now   now / before`)
  for (const { figure, unit, before, now, ratio, least, most } of both) {
    console.log(`${`${figure}, ${unit}`.padEnd(72)}${amount(before)} ${amount(now)}   ${ratio.toFixed(2)} (${least.toFixed(2)}–${most.toFixed(2)})`)
  }
  for (const { figure } of rows.filter((row) => !both.includes(row))) {
    console.log(`${figure}: measured in one of them only`)
  }
}

try {
  run(here, 'git', ['worktree', 'add', '--detach', trees.before, revision])
  for (const tree of Object.values(trees)) {
    console.error(`building ${tree === here ? 'this tree' : revision} …`)
    run(tree, 'mvn', [...maven, '-Pbench', '-pl', 'core,bench', 'package'])
  }
  const names = [...new Set([...benchmarks('before'), ...benchmarks('now')])]
  for (let round = 0; round < ROUNDS; round++) {
    for (const name of names) {
      // Whoever goes first goes second the next time.
      for (const tree of round % 2 ? ['now', 'before'] : ['before', 'now']) {
        try {
          benchmark(tree, name)
        } catch {
          console.error(`${name} is not in ${tree}`)
        }
      }
    }
    console.error(`benchmarks: round ${round + 1} of ${ROUNDS}`)
  }
  for (let round = 0; round < BROWSER_ROUNDS; round++) {
    ;(round % 2 ? ['now', 'before'] : ['before', 'now']).forEach(inBrowser)
    console.error(`browser: round ${round + 1} of ${BROWSER_ROUNDS}`)
  }
  table()
} finally {
  run(here, 'git', ['worktree', 'remove', '--force', trees.before])
  rmSync(beside, { recursive: true, force: true })
}
