import type { Rehearsal, Step } from '@/api/client'
import { useEventListener, useLocalStorage } from '@vueuse/core'
import { shallowRef, type Ref } from 'vue'

/** A step of which nobody knows how long it takes gets so many seconds. */
const UNKNOWN_S = 6

/** How a run goes on: by itself or not, how fast, and whether it is spoken. */
export interface Pace {
  auto: boolean
  /** 1 for the planned times. */
  speed: number
  spoken: boolean
}

export function usePace() {
  return useLocalStorage<Pace>('pace', { auto: false, speed: 1, spoken: false }, { mergeDefaults: true })
}

/** How long a step should take, in seconds: as planned, else as it took the last time. */
export function secondsOf(step: Step, runs: Rehearsal[]): number {
  if (step.seconds > 0) {
    return step.seconds
  }
  const last = runs.flatMap((run) => run.steps).find((each) => each.stepId === step.id && each.millis > 0)
  return last ? last.millis / 1000 : UNKNOWN_S
}

function localVoices(): SpeechSynthesisVoice[] {
  return typeof speechSynthesis === 'undefined'
    ? []
    : speechSynthesis.getVoices().filter((voice) => voice.localService)
}

/** The voices that speak on this computer alone; browsers tell them a while after the page has come. */
export function useLocalVoices(): Ref<SpeechSynthesisVoice[]> {
  const voices = shallowRef(localVoices())
  if (typeof speechSynthesis !== 'undefined') {
    useEventListener(speechSynthesis, 'voiceschanged', () => (voices.value = localVoices()))
  }
  return voices
}

/** Says something by the computer's own voice; what was being said ends. */
export function speak(text: string): void {
  const voice = localVoices()[0]
  if (voice) {
    speechSynthesis.cancel()
    const said = new SpeechSynthesisUtterance(text)
    said.voice = voice
    speechSynthesis.speak(said)
  }
}
