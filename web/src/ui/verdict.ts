import { locale, t } from '@/words'
import type { Finding, Survey } from '@/api/client'

/** A verdict in a few words, and how it is to be coloured. */
export interface Said {
  text: string
  /** The same in fewer words, where it has many. */
  short?: string
  tone: 'holds' | 'broken' | 'quiet'
}

/** A whole number with thousands set apart. */
export function count(number: number): string {
  return number.toLocaleString(locale())
}

/** How many ways were looked at, in words. */
export function ways(survey: Survey): string {
  if (survey.exhaustive) {
    if (!survey.counted) {
      return survey.ways > 0
        ? t('ui.verdict.allWaysOfSoMany', { ways: count(survey.ways) })
        : t('ui.verdict.allWaysEachWeighed')
    }
    return t('ui.verdict.allWays', { worlds: count(survey.worlds) }, survey.worlds)
  }
  const number = t('ui.verdict.ways', { worlds: count(survey.worlds) }, survey.worlds)
  if (survey.underWay) {
    return t('ui.verdict.soFar', { number })
  }
  return survey.stopped ? t('ui.verdict.aSampleOfStopped', { number }) : t('ui.verdict.aSampleOf', { number })
}

/** Whether the ways were looked at in order and not to the end: those that were say nothing of the others. */
export function brokenOff(survey: Survey): boolean {
  return survey.stopped && survey.seed === 0
}

/** Whether it was found to fail, now and then or always; of what is not told in how many ways, a reason says so. */
export function fails({ verdict, because }: Finding): boolean {
  return verdict === 'sometimes' || verdict === 'never' || (verdict === 'untold' && because !== '')
}

/** Whether something was found to fail. */
export function canFail(survey: Survey): boolean {
  return survey.findings.some(fails)
}

/** The verdict on a whole routine. */
export function summary(survey: Survey | undefined): Said {
  if (!survey) {
    return { text: t('ui.verdict.checking'), tone: 'quiet' }
  }
  if (survey.findings.length === 0) {
    return { text: t('ui.verdict.nothingToCheckYet'), tone: 'quiet' }
  }
  if (survey.worlds === 0) {
    return { text: t('ui.verdict.notLookedAt'), tone: 'quiet' }
  }
  if (brokenOff(survey)) {
    const fails = canFail(survey)
    const found = fails ? t('ui.verdict.canFailStoppedAfter') : t('ui.verdict.nothingFailedIn')
    return {
      text: t('ui.verdict.theFirstWays', { found, worlds: count(survey.worlds) }),
      tone: fails ? 'broken' : 'quiet',
    }
  }
  if (survey.stopped && !canFail(survey)) {
    return {
      text: t('ui.verdict.nothingFailedSoFar', { ways: ways(survey) }),
      short: t('ui.verdict.nothingFailed'),
      tone: 'quiet',
    }
  }
  if (!canFail(survey) && survey.findings.some((f) => f.verdict === 'untold')) {
    return {
      text: t('ui.verdict.knowledgeNotTold', { ways: ways(survey) }),
      short: t('ui.verdict.nothingFailed'),
      tone: 'quiet',
    }
  }
  if (survey.allHold) {
    return { text: t('ui.verdict.holds', { ways: ways(survey) }), tone: 'holds' }
  }
  const failing = survey.findings.filter(fails)
  if (failing.some((f) => f.verdict === 'untold')) {
    return { text: t('ui.verdict.canFail'), tone: 'broken' }
  }
  const worst = Math.min(...failing.map((f) => f.held / Math.max(1, survey.worlds)))
  return {
    text: t('ui.verdict.holdsIn', { worst: percent(worst), survey: ways(survey) }),
    short: t('ui.verdict.holdsInShare', { worst: percent(worst) }),
    tone: 'broken',
  }
}

/** A share in per cent with so many digits behind the point at most, never rounded up to all or down to none. */
export function percent(share: number, digits = 1): string {
  const parts = 10 ** digits
  const rounded = Math.round(share * 100 * parts) / parts
  const least = 1 / parts
  const honest = share < 1 && rounded === 100 ? 100 - least : share > 0 && rounded === 0 ? least : rounded
  return `${Number(honest.toFixed(digits))} %`
}
