import type { Finding, Survey } from '@/api/client'
import { describe, expect, it } from 'vitest'
import { ago, clock } from './time'
import { verdict } from './finding'
import { percent, summary } from './verdict'

function finding(held: number, worlds: number): Finding {
  return {
    kind: 'claim',
    id: 'c',
    moment: 1,
    sentence: '',
    verdict: held === worlds ? 'always' : held === 0 ? 'never' : 'sometimes',
    held,
    low: held / worlds - 0.01,
    high: held / worlds + 0.01,
    because: '',
    failing: {},
    charts: [],
  }
}

function survey(worlds: number, exhaustive: boolean, ...held: number[]): Survey {
  const findings = held.map((h) => finding(h, worlds))
  return {
    worlds,
    exhaustive,
    counted: true,
    ways: worlds,
    sampledBecause: '',
    underWay: false,
    stopped: false,
    seed: 0,
    allHold: held.every((h) => h === worlds),
    findings,
    bands: [],
  }
}

/** The same, ended before its time: what did not fail is open. */
function ended(survey: Survey, seed: number): Survey {
  const findings = survey.findings.map((each) => ({
    ...each,
    verdict: each.verdict === 'always' ? 'open' : each.verdict,
  }))
  return { ...survey, stopped: true, seed, allHold: false, findings }
}

describe('verdicts', () => {
  it('say how many ways were checked', () => {
    const all = survey(2450, true, 2450)

    expect(summary(all)).toEqual({ text: 'holds · all 2,450 ways', tone: 'holds' })
    expect(verdict(all.findings[0]!, all).text).toBe('always · all 2,450 ways')
  })

  it('do not tell knowledge from a sample, and are not green then', () => {
    const some = survey(100_000, false, 100_000, 100_000)
    const findings = [some.findings[0]!, { ...some.findings[1]!, verdict: 'untold', held: 0 }]
    const untold = { ...some, allHold: false, findings }

    expect(verdict(findings[1]!, untold)).toEqual({ text: 'not told from a sample', tone: 'quiet' })
    expect(summary(untold).tone).toBe('quiet')

    // It fails in a way that was found; nobody counted in how many.
    const failing = { ...findings[1]!, because: 'The 7♣ is at two places.' }
    const found = { ...untold, findings: [some.findings[0]!, failing] }
    expect(verdict(failing, found)).toEqual({
      text: 'fails in some ways; not told in how many',
      tone: 'broken',
    })
    expect(summary(found)).toEqual({ text: 'can fail', tone: 'broken' })
    expect(verdict(findings[1]!, { ...found, exhaustive: true }).text).toBe(
      'not told: too many ways to watch each',
    )
    expect(summary(untold).text).toContain('knowledge not told')
  })

  it('tell the worst share, and never round a failure away', () => {
    const some = survey(100_000, true, 96_000, 99_999)

    expect(summary(some)).toEqual({
      text: 'holds in 96 % · all 100,000 ways',
      short: 'holds in 96 %',
      tone: 'broken',
    })
    expect(verdict(some.findings[1]!, some).text).toBe('in 99.9 % of all 100,000 ways')
    expect(percent(0.00001)).toBe('0.1 %')
  })

  it('of ways that are weighed have more digits, and no number of ways', () => {
    const weighed = { ...survey(1_000_000, true, 240_431, 1_000_000, 999_999.9), counted: false, ways: 0 }

    expect(verdict(weighed.findings[0]!, weighed).text).toBe('in 24.043 % of all ways, each weighed')
    expect(verdict(weighed.findings[1]!, weighed).text).toBe('always · all ways, each weighed')
    expect(verdict(weighed.findings[2]!, weighed).text).toBe('in 99.999 % of all ways, each weighed')
    const numbered = { ...weighed, ways: 5_328 }
    expect(verdict(numbered.findings[1]!, numbered).text).toBe('always · all 5,328 ways, each weighed')
  })

  it('of a sample carry its size and interval', () => {
    const sample = survey(1000, false, 900)

    expect(verdict(sample.findings[0]!, sample).text).toBe(
      'in 90 % of a sample of 1,000 ways (95 %: 89 %–91 %)',
    )
  })

  it('of a survey that was stopped say so, and never that all is well', () => {
    const sample = ended(survey(12_000, false, 12_000), 1)
    expect(summary(sample)).toEqual({
      text: 'nothing failed in a sample of 12,000 ways, stopped',
      short: 'no failure in a sample',
      tone: 'quiet',
    })
    expect(verdict(sample.findings[0]!, sample)).toEqual({
      text: 'did not fail in a sample of 12,000 ways, stopped (95 %: 99 %–101 %)',
      tone: 'quiet',
    })

    const begun = ended(survey(900, false, 900), 0)
    expect(summary(begun)).toEqual({ text: 'nothing failed in the first 900 ways', tone: 'quiet' })
    expect(verdict(begun.findings[0]!, begun)).toEqual({
      text: 'held in the first 900 ways, stopped',
      tone: 'quiet',
    })
    const failing = ended(survey(900, false, 899), 0)
    expect(summary(failing)).toEqual({ text: 'can fail · stopped after the first 900 ways', tone: 'broken' })
  })

  it('of a survey that is under way say how far it is, and settle nothing', () => {
    const glance = { ...ended(survey(800, false, 800), 1), underWay: true }

    expect(summary(glance)).toMatchObject({ text: 'nothing failed in 800 ways so far', tone: 'quiet' })
    expect(verdict(glance.findings[0]!, glance).text).toContain('did not fail in 800 ways so far (95 %')
  })

  it('of no ways at all is none, and not green', () => {
    const none = ended(survey(0, false, 0), 1)

    expect(summary(none)).toEqual({ text: 'not looked at yet', tone: 'quiet' })
    expect(verdict(none.findings[0]!, none)).toEqual({ text: 'not looked at yet', tone: 'quiet' })
  })

  it('are quiet before there is anything to say', () => {
    expect(summary(undefined).tone).toBe('quiet')
    expect(summary(survey(1, true)).text).toBe('nothing to check yet')
  })
})

describe('times', () => {
  it('are told as people tell them', () => {
    const now = Date.UTC(2026, 4, 4, 20)

    expect(ago('2026-05-04T19:59:30Z', now)).toBe('just now')
    expect(ago('2026-05-04T19:58:59Z', now)).toBe('1 minute ago')
    expect(ago('2026-05-04T15:00:00Z', now)).toBe('5 hours ago')
    expect(ago('2026-05-01T15:00:00Z', now)).toBe('3 days ago')
    expect(clock(67_900)).toBe('1:07')
  })
})
