import type { Router } from 'vue-router'
import type { useOutbox } from './outbox'

/** A field that is read when it is left is left: what stands in it counts. */
function leaveField(): void {
  const field = document.activeElement
  if (field instanceof HTMLInputElement || field instanceof HTMLTextAreaElement) {
    field.blur()
  }
}

/** Sees to it that nothing is lost when a view or the page is left, and that saving goes on when it can. */
export function lookAfter(outbox: ReturnType<typeof useOutbox>, router: Router): void {
  router.beforeEach(leaveField)
  window.addEventListener('beforeunload', (event) => {
    leaveField()
    outbox.tryNow()
    if (outbox.unsaved) {
      event.preventDefault()
    }
  })
  window.addEventListener('pagehide', () => {
    leaveField()
    outbox.keepForLater()
  })
  window.addEventListener('pageshow', (event) => {
    if (event.persisted) {
      outbox.stayed()
    }
  })
  window.addEventListener('online', outbox.tryNow)
  window.addEventListener('focus', outbox.tryNow)
}
