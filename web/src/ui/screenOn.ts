import { useWakeLock } from '@vueuse/core'
import { onBeforeUnmount, watchEffect } from 'vue'

/** Keeps the screen on while this is so, where the browser can: cards are in both hands. */
export function useScreenOn(wanted: () => boolean): void {
  const lock = useWakeLock()
  // A browser that saves its battery may refuse; then the screen goes off as it would have.
  watchEffect(() => void (wanted() ? lock.request('screen') : lock.release()).catch(() => undefined))
  onBeforeUnmount(() => void lock.release().catch(() => undefined))
}
