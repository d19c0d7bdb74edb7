import { readFileSync } from 'node:fs'
import { describe, expect, it } from 'vitest'
import { lineOf, MAIN, stepsAlong } from './lines'
import { claim, ids, routine } from './testRoutine'

describe('the lines of a routine', () => {
  // The core is tested with the same table, so that both mean the same by a line.
  const table = readFileSync('../core/src/test/resources/lines.txt', 'utf8')
    .split('\n')
    .filter((row) => row && !row.startsWith('#'))
    .map((row) => row.split('|').map((cell) => cell.trim()))

  it.each(table)('%s | %s | %s', (main, outs, taken, expected) => {
    const whole = routine(main!, outs!.split(';'))
    const along = ids(stepsAlong(whole, taken!))

    expect(along).toBe(expected!.startsWith('outs[') ? undefined : expected)
    expect(ids(lineOf(whole, MAIN).steps)).toBe(main)
  })

  it('have the claims that stand on them', () => {
    const whole = routine('a b c', ['x a>c: p'], [claim('onB', 'b'), claim('onP', 'p'), claim('atEnd', '')])

    expect(lineOf(whole, MAIN).claims.map((c) => c.id)).toEqual(['onB', 'atEnd'])
    expect(lineOf(whole, 'x').claims.map((c) => c.id)).toEqual(['onP', 'atEnd'])
  })
})
