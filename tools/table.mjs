// Prints what ran: each part with its tests and its time, and the ten slowest of them. Reads the reports that Surefire and Vitest
// leave, and the summary at the end of Maven's log. Usage: node tools/table.mjs LOG SECONDS
import { existsSync, readdirSync, readFileSync } from 'node:fs'

const PARTS = { core: 'core', web: 'web', app: 'app', e2e: 'browser' }

const attribute = (tag, name) => tag.match(new RegExp(` ${name}="([^"]*)"`))?.[1] ?? ''

/** The tests of a report: their part, their class, their name and how long they took, in seconds. */
function tests(part, file) {
  const report = readFileSync(file, 'utf8')
  return [...report.matchAll(/<testcase [^>]*>/g)].map(([tag]) => ({
    part,
    name: `${attribute(tag, 'classname').replace(/.*\.(?=[A-Z])/, '')} ${attribute(tag, 'name')}`,
    seconds: Number(attribute(tag, 'time').replace(',', '')),
  }))
}

function reports(module) {
  const folder = `${module}/target/surefire-reports`
  const ofSurefire = existsSync(folder) ? readdirSync(folder).filter((name) => /^TEST-.*\.xml$/.test(name)) : []
  const ofVitest = `${module}/target/vitest.xml`
  return [...ofSurefire.map((name) => `${folder}/${name}`), ...(existsSync(ofVitest) ? [ofVitest] : [])]
}

/** What Maven says a module took, such as “01:02 min” or “9.5 s”. */
function taken(log, module) {
  const inReactor = log.match(new RegExp(`^\\[INFO\\] ${module} [ .0-9]*(?:SUCCESS|FAILURE) \\[ *([^\\]]+)\\]`, 'm'))?.[1]
  // A module that is built alone has no line in a summary, and ends last.
  return inReactor ?? [...log.matchAll(/Total time: *(.*)/g)].at(-1)?.[1] ?? ''
}

const plain = (text) => text.replace(/\u001b\[[0-9;]*m/g, '')
const log = plain(readFileSync(process.argv[2], 'utf8'))
const seconds = Number(process.argv[3])
const rows = Object.keys(PARTS).map((module) => ({ module, all: reports(module).flatMap((file) => tests(PARTS[module], file)) }))

console.log('\npart      tests   in tests   in all')
for (const { module, all } of rows.filter((row) => row.all.length > 0)) {
  const inTests = all.reduce((sum, test) => sum + test.seconds, 0)
  console.log(
    `${PARTS[module].padEnd(8)} ${String(all.length).padStart(6)} ${inTests.toFixed(0).padStart(8)} s   ${taken(log, module)}`,
  )
}
console.log(`all      ${String(rows.flatMap((row) => row.all).length).padStart(6)}              ${Math.floor(seconds / 60)} min ${seconds % 60} s`)
console.log('\nthe ten slowest tests')
for (const test of rows.flatMap((row) => row.all).sort((one, other) => other.seconds - one.seconds).slice(0, 10)) {
  console.log(`${test.seconds.toFixed(1).padStart(7)} s  ${test.part.padEnd(8)} ${test.name}`)
}
