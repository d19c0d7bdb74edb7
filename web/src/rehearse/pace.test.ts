import type { Rehearsal, Step } from '@/api/client'
import { describe, expect, it } from 'vitest'
import { secondsOf } from './pace'

const ran = (stepId: string, millis: number, slips = 0, reasons: string[] = []) => ({
  stepId,
  millis,
  slips,
  reasons,
})
const run = (...steps: Rehearsal['steps']): Rehearsal => ({
  startedAt: '2026-05-04T20:00:00Z',
  totalMillis: 1000,
  cameOut: true,
  notes: '',
  steps,
})
const step = (id: string, seconds = 0) => ({ id, seconds }) as Step

describe('the pace of a run', () => {
  it('is as planned, else as the last time, else a guess', () => {
    const runs = [run(ran('a', 4000)), run(ran('a', 9000), ran('b', 2500))]

    expect(secondsOf(step('a', 12), runs)).toBe(12)
    expect(secondsOf(step('a'), runs)).toBe(4)
    expect(secondsOf(step('b'), runs)).toBe(2.5)
    expect(secondsOf(step('c'), runs)).toBe(6)
  })
})
