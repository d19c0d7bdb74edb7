import { goesThrough, lineOf, MAIN } from './index'
import { claim, ids, routine, steps } from './testRoutine'
import { describe, expect, it } from 'vitest'
import { ownIds, putBack, rejoinable } from './outs'

describe('an edited line', () => {
  const whole = routine('a b c d', ['x b>d: p q', 'y p>d: r'], [claim('onC', 'c'), claim('onP', 'p')])

  it('is put back where it is written', () => {
    const line = lineOf(whole, 'x')
    const changed = {
      ...line,
      steps: line.steps.map((s) => ({ ...s, note: `note of ${s.id}` })),
    }
    const back = putBack(whole, 'x', changed)

    expect(back.steps.map((s) => s.note)).toEqual(['note of a', 'note of b', '', 'note of d'])
    expect(back.outs[0]!.steps.map((s) => s.note)).toEqual(['note of p', 'note of q'])
    expect(back.outs[1]!.steps.map((s) => s.note)).toEqual([''])
  })

  it('gives new steps to the out, and loses removed ones', () => {
    const line = lineOf(whole, 'x')
    const [a, b, p, q, d] = line.steps
    const back = putBack(whole, 'x', { ...line, steps: [a!, b!, q!, ...steps('new'), d!] })

    expect(ids(back.outs[0]!.steps)).toBe('q new')
    expect(ids(back.steps)).toBe('a b c d')
    expect(p!.id).toBe('p')
  })

  it('keeps the claims of other lines in their order', () => {
    const line = lineOf(whole, 'x')
    const back = putBack(whole, 'x', { ...line, claims: [...line.claims, claim('new', 'q')] })
    expect(back.claims.map((c) => c.id)).toEqual(['onC', 'onP', 'new'])
    expect(putBack(whole, 'x', { ...line, claims: [] }).claims.map((c) => c.id)).toEqual(['onC'])
  })

  it('loses nothing when the out no longer rejoins', () => {
    const loose = routine('a b c d', ['x c>b: p'])
    expect(goesThrough(loose, 'x')).toBe(false)
    expect(goesThrough(whole, 'x')).toBe(true)
    const line = lineOf(loose, 'x')
    expect(ids(line.steps)).toBe('a b c p')
    const back = putBack(loose, 'x', { ...line, steps: [...line.steps, ...steps('q')] })
    expect(ids(back.outs[0]!.steps)).toBe('p q')
    expect(ids(back.steps)).toBe('a b c d')
  })

  it('counts from where the out begins what counts from a step that it leaves out', () => {
    const backs = (id: string, since: string) => ({
      ...claim(id, ''),
      claim: { kind: 'only-backs', settings: { since }, not: false, or: [] },
    })
    const since = routine('a b c d', ['x b>d: p'], [backs('sinceC', 'c'), backs('sinceA', 'a')])
    const line = lineOf(since, 'x')
    const told = (claims: typeof line.claims) => claims.map((c) => c.claim.settings.since)
    expect(told(line.claims)).toEqual(['b', 'a'])

    const noted = { ...line, steps: line.steps.map((s) => ({ ...s, note: 'n' })) }
    expect(told(putBack(since, 'x', noted).claims)).toEqual(['c', 'a'])
    const [first, second] = line.claims
    expect(told(putBack(since, 'x', { ...line, claims: [backs('sinceC', 'p'), second!] }).claims)).toEqual([
      'p',
      'a',
    ])
    expect(first!.id).toBe('sinceC')
  })

  it('of the main line leaves the outs alone', () => {
    const line = lineOf(whole, MAIN)
    const back = putBack(whole, MAIN, { ...line, steps: line.steps.slice(1) })
    expect(ids(back.steps)).toBe('b c d')
    expect(back.outs).toEqual(whole.outs)
    expect(back.claims).toEqual(whole.claims)
  })
})

describe('outs', () => {
  const whole = routine('a b c', ['x a>c: p', 'y p>c: r'], [claim('onP', 'p'), claim('onR', 'r')])

  it('rejoin only later in the line they leave', () => {
    expect(ids(rejoinable(whole, whole.outs[0]!))).toBe('b c')
    expect(ids(rejoinable(whole, whole.outs[1]!))).toBe('c')
    expect(ids(rejoinable(whole, { ...whole.outs[0]!, after: '' }))).toBe('a b c')
  })

  it('own the steps that are written in them', () => {
    expect([...ownIds(whole, 'x')]).toEqual(['p'])
    expect([...ownIds(whole, MAIN)]).toEqual(['a', 'b', 'c'])
  })
})
