import type { ObjectDirective } from 'vue'

type Field = HTMLInputElement | HTMLTextAreaElement

/**
 * `v-typed="value"`: the value of a field that is read when it is left. A plain `:value` is written again each time
 * the screen is redrawn, and what was half typed would be gone; this leaves the field alone while it is being typed in.
 */
export const vTyped: ObjectDirective<Field, string | number> = {
  mounted(field, { value }) {
    field.value = String(value)
  },
  updated(field, { value, oldValue }) {
    const untouched = field.value === String(oldValue)
    if (untouched || field !== document.activeElement) {
      field.value = String(value)
    }
  },
}
