import { useLocalStorage } from '@vueuse/core'
import { computed, onBeforeUnmount, ref, shallowRef, watch } from 'vue'
import { listen, type Ear, type FromEar } from './listen'
import { startMetronome } from './metronome'
import type { Heard } from './onsets'
import { Tries } from './tries'

/** So much of the sound is shown. */
export const SHOWN_S = 6

/** How loud a beat must be is kept for so many places. */
const MOST_PLACES = 30

/** A moment of the sound: when, and how far above the room; 1 is as far as a beat must rise. */
export interface Point {
  at: number
  level: number
}

/**
 * An ear and a metronome that share a clock, so that the one leaves out the other.
 *
 * @param ended told of each try, in milliseconds, without what strayed in; `kept` when it was heard by the microphone
 */
export function useEar(ended: (times: number[], kept: boolean) => void) {
  const ear = shallowRef<Ear>()
  const state = ref<'off' | 'room' | 'now'>('off')
  const line = shallowRef<Point[]>([])
  const marks = shallowRef<Heard[]>([])
  const count = ref(0)
  const ticking = shallowRef<() => void>()
  const place = useLocalStorage('ear-place', '')
  const places = useLocalStorage<Record<string, number>>('ear-places', {})
  const louder = computed({
    get: () => places.value[place.value] ?? 0,
    set: (value) => {
      const others = Object.entries(places.value).filter(([name]) => name !== place.value)
      places.value = Object.fromEntries([...others.slice(-MOST_PLACES + 1), [place.value, value]])
    },
  })
  const threshold = computed(() => 2 ** louder.value)
  let tries = new Tries()
  let context: AudioContext | undefined
  /** Grows with each start and stop: an ear that comes late is not wanted any more. */
  let asked = 0

  const clock = () => (context ??= new AudioContext())

  function told(from: 'microphone' | 'sample', { heard, line: levels, now, listening }: FromEar): void {
    state.value = listening ? 'now' : 'room'
    const step = levels.length > 1 ? (now - (line.value.at(-1)?.at ?? now - 0.02)) / levels.length : 0
    const points = levels.map((level, i) => ({ at: now - step * (levels.length - 1 - i), level }))
    line.value = [...line.value, ...points].filter((point) => point.at > now - SHOWN_S)
    if (heard.length > 0 || marks.value.length > 0) {
      marks.value = [...marks.value, ...heard].filter((mark) => mark.at > now - SHOWN_S)
    }
    heard.filter((each) => each.what === 'beat').forEach((each) => tries.beat(each.at))
    if (tries.last !== undefined && now > tries.last + tries.pause()!) {
      end(from)
    }
    count.value = tries.heard
  }

  function end(from: 'microphone' | 'sample'): void {
    const times = tries.end().map((time) => 1000 * time)
    if (times.length > 0) {
      ended(times, from === 'microphone')
    }
  }

  async function start(from: 'microphone' | 'sample', sound?: (rate: number) => Float32Array): Promise<void> {
    stop()
    const mine = asked
    state.value = 'room'
    try {
      const source = sound ? sound(clock().sampleRate) : 'microphone'
      const heard = await listen(clock(), source, (what) => told(from, what))
      if (mine !== asked) {
        heard.stop()
        return
      }
      ear.value = heard
      heard.tell({ threshold: threshold.value })
    } catch (thrown) {
      if (mine === asked) {
        state.value = 'off'
      }
      throw thrown
    }
  }

  function stop(): void {
    asked++
    ear.value?.stop()
    ear.value = undefined
    state.value = 'off'
    tries = new Tries()
    count.value = 0
    line.value = []
    marks.value = []
  }

  function tick(tempo: number, silent: boolean, flash: () => void): void {
    if (ticking.value) {
      ticking.value()
      ticking.value = undefined
      return
    }
    void clock().resume()
    ticking.value = startMetronome(clock(), tempo, silent, flash, (at) => ear.value?.tell({ click: at }))
  }

  watch(threshold, (value) => ear.value?.tell({ threshold: value }))
  onBeforeUnmount(() => {
    stop()
    ticking.value?.()
    void context?.close()
  })

  return { state, line, marks, count, ticking, place, places, louder, start, stop, tick }
}
