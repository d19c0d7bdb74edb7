import App from '@/App.vue'
import { lookAfter, useOutbox } from '@/saving'
import { routes } from '@/routes'
import { queries } from '@/api/queries'
import { VueQueryPlugin } from '@tanstack/vue-query'
import { fireEvent, render, waitFor } from '@testing-library/vue'
import { createPinia } from 'pinia'
import { beforeEach, expect, vi } from 'vitest'
import { createMemoryHistory, createRouter } from 'vue-router'

/** The demo routines by their rank among all of them, as recordings name them. */
export function demoRoutine(rank: number): string {
  return `11111111-0000-4000-8000-${String(rank).padStart(12, '0')}`
}

/** The demo sets, likewise. */
export function demoSet(rank: number): string {
  return `22222222-0000-4000-8000-${String(rank).padStart(12, '0')}`
}

/** A page as the browser has it. */
export interface OpenPage {
  address: () => string
}

/** Presses a key where the focus is, such as `a` or `PageDown`. */
export async function pressKey(key: string): Promise<void> {
  await fireEvent.keyDown(document.activeElement ?? document.body, { key })
}

/** How large everything is, where nothing is laid out. */
const WIDE = 800
const HIGH = 600

/** Tells whoever watches a size what it is, at once. */
class ResizeObserverAtOnce {
  constructor(private readonly told: ResizeObserverCallback) {}

  observe(target: Element): void {
    const size = { inlineSize: WIDE, blockSize: HIGH }
    const entry = {
      target,
      contentRect: { width: WIDE, height: HIGH },
      contentBoxSize: [size],
      borderBoxSize: [size],
    }
    this.told([entry as unknown as ResizeObserverEntry], this as unknown as ResizeObserver)
  }

  unobserve(): void {}

  disconnect(): void {}
}

let inSight = true

/** What is watched for coming into sight, such as the cards of a long shelf, stays out of it. */
export function nothingInSight(): void {
  inSight = false
}

/** Tells whoever watches whether it is in sight, at once. */
class IntersectionObserverAtOnce extends ResizeObserverAtOnce {
  constructor(private readonly seen: IntersectionObserverCallback) {
    super(() => {})
  }

  override observe(target: Element): void {
    const entry = { target, isIntersecting: inSight, time: performance.now() }
    this.seen([entry as unknown as IntersectionObserverEntry], this as unknown as IntersectionObserver)
  }
}

beforeEach(() => {
  inSight = true
  // A dialog without a size closes itself.
  vi.spyOn(Element.prototype, 'getBoundingClientRect').mockReturnValue(new DOMRect(0, 0, WIDE, HIGH))
  vi.stubGlobal('ResizeObserver', ResizeObserverAtOnce)
  vi.stubGlobal('IntersectionObserver', IntersectionObserverAtOnce)
  localStorage.clear()
  localStorage.setItem('deck-tour', '9')
})

/** Opens the application at an address, as a mounted component. */
export async function openPage(path: string): Promise<OpenPage> {
  const router = createRouter({ history: createMemoryHistory(), routes })
  const pinia = createPinia()
  queries.clear()
  lookAfter(useOutbox(pinia), router)
  await router.push(path)
  render(App, {
    global: {
      plugins: [pinia, router, [VueQueryPlugin, { queryClient: queries }]],
    },
  })
  return { address: () => router.currentRoute.value.fullPath }
}

/** What is saved is saved: nothing is left for the next test. */
export async function saved(): Promise<void> {
  await waitFor(() => expect(document.querySelector('[data-testid=save-state]')?.textContent).toBe('saved'))
}
