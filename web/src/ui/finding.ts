import { t } from '@/words'
import type { Finding, Survey } from '@/api/client'
import { brokenOff, count, fails, percent, ways, type Said } from './verdict'

/** The verdict on one condition. */
export function verdict(finding: Finding, survey: Survey): Said {
  if (survey.worlds === 0) {
    return { text: t('ui.verdict.notLookedAt'), tone: 'quiet' }
  }
  if (brokenOff(survey)) {
    const first = t('bench.finding.theFirstWaysStopped', { worlds: count(survey.worlds) })
    return finding.verdict === 'always' || finding.verdict === 'open'
      ? { text: t('bench.finding.heldIn', { first }), tone: 'quiet' }
      : { text: t('bench.finding.failedInSomeOf', { first }), tone: 'broken' }
  }
  if (finding.verdict === 'untold') {
    return fails(finding)
      ? { text: t('bench.finding.failsInSome'), tone: 'broken' }
      : {
          text: t(survey.exhaustive ? 'bench.finding.tooMany' : 'bench.finding.notToldFromASample'),
          tone: 'quiet',
        }
  }
  if (finding.verdict === 'open') {
    const interval = `${percent(finding.low)}–${percent(finding.high)}`
    return { text: t('bench.finding.didNotFail', { ways: ways(survey), interval }), tone: 'quiet' }
  }
  if (finding.verdict === 'always') {
    const always = survey.exhaustive ? 'bench.finding.always' : 'bench.finding.neverFailed'
    return { text: t(always, { ways: ways(survey) }), tone: 'holds' }
  }
  if (finding.verdict === 'never') {
    return { text: t('bench.finding.never', { ways: ways(survey) }), tone: 'broken' }
  }
  const share = percent(finding.held / survey.worlds, survey.counted ? 1 : 3)
  const interval = survey.exhaustive ? '' : ` (95 %: ${percent(finding.low)}–${percent(finding.high)})`
  return { text: t('bench.finding.inOf', { share, survey: ways(survey), interval }), tone: 'broken' }
}
