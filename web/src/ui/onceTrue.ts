import { ref, watch, type Ref } from 'vue'

/**
 * Whether something was open at any time by now. A dialog that is loaded when it is opened stays there afterwards: it gives the
 * focus back as it closes.
 */
export function onceTrue(open: Ref<boolean>): Ref<boolean> {
  const was = ref(open.value)
  watch(open, (now) => (was.value ||= now))
  return was
}
