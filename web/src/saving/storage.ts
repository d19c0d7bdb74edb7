import { createStore, del, delMany, entries, set, type UseStore } from 'idb-keyval'

/*
 * The browser's own storage of what is not saved yet. Each window has entries of its own, under its name; what a window left
 * behind that is closed is taken over by the next one.
 */

const SUDDENLY = 'unsaved/'
/** A window that was just left lets go of its name within this time. */
const LONGEST_WAIT_MS = 800

/** The name of this window, for as long as this page is loaded. */
export const thisWindow: string = crypto.randomUUID()

let database: UseStore | undefined

function storage(): UseStore | undefined {
  // Browsers without it, and private windows of some, still save: they only forget on a reload.
  return typeof indexedDB === 'undefined' ? undefined : (database ??= createStore('crafty-pocket', 'unsaved'))
}

/** States that wait to be written, by name; undefined is to be deleted. */
const waiting = new Map<string, unknown>()
let writing: Promise<void> | undefined

/** Keeps a state under a name of this window, in place of the one before; undefined forgets it. */
export function keep(name: string, value: unknown): void {
  waiting.set(`${thisWindow}/${name}`, value)
  // What is asked of the server leaves first.
  writing ??= new Promise((then) => setTimeout(then)).then(writeAll).finally(() => (writing = undefined))
}

async function writeAll(): Promise<void> {
  while (waiting.size > 0) {
    const now = [...waiting]
    waiting.clear()
    const here = storage()
    if (!here) {
      return
    }
    try {
      for (const [key, value] of now) {
        await (value === undefined ? del(key, here) : set(key, value, here))
      }
    } catch {
      // A full or forbidden storage must not keep anybody from saving.
    }
  }
}

/** Keeps a state at the very last moment, when nothing can be waited for any more. */
export function keepSuddenly(name: string, value: unknown): void {
  try {
    localStorage.setItem(`${SUDDENLY}${thisWindow}/${name}`, JSON.stringify(value))
  } catch {
    // What was kept before is still there.
  }
}

/** The window could stay after all: what was kept suddenly is kept otherwise too. */
export function forgetSudden(): void {
  for (const key of Object.keys(localStorage)) {
    if (key.startsWith(`${SUDDENLY}${thisWindow}/`)) {
      localStorage.removeItem(key)
    }
  }
}

/** Everything that any window kept, by window and name. */
async function everything(): Promise<Map<string, Map<string, unknown>>> {
  const all = new Map<string, Map<string, unknown>>()
  const put = (key: string, value: unknown) => {
    const [owner, ...name] = key.split('/')
    all.set(owner!, (all.get(owner!) ?? new Map()).set(name.join('/'), value))
  }
  const here = storage()
  try {
    ;(here ? await entries<string, unknown>(here) : []).forEach(([key, value]) => put(key, value))
  } catch {
    // What cannot be read is not taken over.
  }
  for (const key of Object.keys(localStorage).filter((k) => k.startsWith(SUDDENLY))) {
    // What was kept at the last moment is newer.
    put(key.slice(SUDDENLY.length), JSON.parse(localStorage.getItem(key)!))
  }
  return all
}

async function forget(owner: string, names: string[]): Promise<void> {
  const here = storage()
  if (here) {
    await delMany(
      names.map((name) => `${owner}/${name}`),
      here,
    )
  }
  names.forEach((name) => localStorage.removeItem(`${SUDDENLY}${owner}/${name}`))
}

/** Says, as long as this page is loaded, that the entries of its name are looked after. */
export function occupy(): void {
  void navigator.locks?.request(`crafty-pocket/${thisWindow}`, () => new Promise(() => {}))
}

/**
 * Takes over what closed windows left behind.
 *
 * @param take is handed each state with its name, and says whether it takes it; what it does not take stays
 */
export async function takeOver(take: (name: string, value: unknown) => boolean): Promise<void> {
  for (const [owner, left] of await everything()) {
    if (owner !== thisWindow) {
      await whenClosed(owner, async () => {
        const taken = [...left].filter(([name, value]) => take(name, value)).map(([name]) => name)
        await forget(owner, taken)
      })
    }
  }
}

async function whenClosed(owner: string, does: () => Promise<void>): Promise<void> {
  if (!navigator.locks) {
    return does()
  }
  try {
    await navigator.locks.request(
      `crafty-pocket/${owner}`,
      { signal: AbortSignal.timeout(LONGEST_WAIT_MS) },
      does,
    )
  } catch {
    // That window is still open, and looks after its own.
  }
}
