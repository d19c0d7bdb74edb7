import type { Finding, Survey } from '@/api/client'

/** A verdict in a few words, and how it is to be coloured. */
export interface Said {
  text: string
  tone: 'holds' | 'broken' | 'quiet'
}

/** A whole number with thousands set apart. */
export function count(number: number): string {
  return number.toLocaleString('en-GB')
}

/** How many ways were looked at, in words. */
export function ways(survey: Survey): string {
  if (survey.exhaustive) {
    if (!survey.counted) {
      return 'all ways, each weighed'
    }
    return survey.worlds === 1 ? 'the only way' : `all ${count(survey.worlds)} ways`
  }
  const number = `${count(survey.worlds)} ${survey.worlds === 1 ? 'way' : 'ways'}`
  return survey.stopped ? `a sample of ${number}, stopped` : `a sample of ${number}`
}

/** Whether the ways were looked at in order and not to the end: those that were say nothing of the others. */
function brokenOff(survey: Survey): boolean {
  return survey.stopped && survey.seed === 0
}

/** The verdict on a whole routine. */
export function summary(survey: Survey | undefined): Said {
  if (!survey) {
    return { text: 'checking …', tone: 'quiet' }
  }
  if (survey.findings.length === 0) {
    return { text: 'nothing to check yet', tone: 'quiet' }
  }
  if (brokenOff(survey)) {
    const found = survey.allHold ? 'nothing failed in' : 'can fail · stopped after'
    return {
      text: `${found} the first ${count(survey.worlds)} ways`,
      tone: survey.allHold ? 'quiet' : 'broken',
    }
  }
  if (survey.allHold) {
    return { text: `holds · ${ways(survey)}`, tone: 'holds' }
  }
  const failing = survey.findings.filter((f) => f.verdict !== 'always')
  const worst = Math.min(...failing.map((f) => f.held / Math.max(1, survey.worlds)))
  return { text: `holds in ${percent(worst)} · ${ways(survey)}`, tone: 'broken' }
}

/** A share in per cent with so many digits behind the point at most, never rounded up to all or down to none. */
export function percent(share: number, digits = 1): string {
  const parts = 10 ** digits
  const rounded = Math.round(share * 100 * parts) / parts
  const least = 1 / parts
  const honest = share < 1 && rounded === 100 ? 100 - least : share > 0 && rounded === 0 ? least : rounded
  return `${Number(honest.toFixed(digits))} %`
}

/** The verdict on one condition. */
export function verdict(finding: Finding, survey: Survey): Said {
  if (brokenOff(survey)) {
    const first = `the first ${count(survey.worlds)} ways, stopped`
    return finding.verdict === 'always'
      ? { text: `held in ${first}`, tone: 'quiet' }
      : { text: `failed in some of ${first}`, tone: 'broken' }
  }
  if (finding.verdict === 'always') {
    const always = survey.exhaustive ? 'always' : 'never failed'
    return { text: `${always} · ${ways(survey)}`, tone: 'holds' }
  }
  if (finding.verdict === 'never') {
    return { text: `never · ${ways(survey)}`, tone: 'broken' }
  }
  const share = percent(finding.held / survey.worlds, survey.counted ? 1 : 3)
  const interval = survey.exhaustive ? '' : ` (95 %: ${percent(finding.low)}–${percent(finding.high)})`
  return { text: `in ${share} of ${ways(survey)}${interval}`, tone: 'broken' }
}
