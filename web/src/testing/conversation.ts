import type { Trace } from '@/api/client'
import { cleanup, configure } from '@testing-library/vue'
import { createHash } from 'node:crypto'
import { existsSync, mkdirSync, readFileSync, writeFileSync } from 'node:fs'
import { basename, join } from 'node:path'
import { afterAll, afterEach, beforeEach, expect, vi } from 'vitest'
import { ask } from './application'

/*
 * Mounted components talk to the application as it answered when their conversation was recorded. `RecordedAnswersTest` of the
 * application asks everything again and fails where an answer has become another one, so what stands here is what it says.
 * To record anew: mvn -pl core,web,app test -Dtest=RecordedAnswersTest -Danswers.write=true (see CONTRIBUTING).
 */

const FOLDER = join(import.meta.dirname, 'recorded')
/** Answers that are longer stand in files of their own, once for all tests that get them. */
const LONG = 20_000
const RECORDING = process.env['CRAFTY_RECORD'] ?? ''

/** A question, and what the application answered. */
interface Exchange {
  method: string
  path: string
  headers: Record<string, string>
  body?: unknown
  status: number
  tag: string
  answer?: unknown
  /** The file with the answer, when it is long. */
  long?: string
}

type Recording = Record<string, Exchange[]>

// What is waited for comes at once on a quiet machine, and late on a busy one.
configure({ asyncUtilTimeout: 15_000 })

const INSTANT = /\d{4}-\d\d-\d\dT\d\d:\d\d(:\d\d(\.\d+)?)?Z/g

/** What makes two questions the same: not the name under which a computation is stopped, and not the time of day. */
function key(method: string, path: string, body: unknown): string {
  const sent =
    JSON.stringify(body, (name, value: unknown) => (name === 'computation' ? undefined : value)) ?? ''
  return `${method} ${path} ${sent.replace(INSTANT, '*')}`
}

/** Names that come out the same each time, and are no other test's. */
function names(test: string): () => `${string}-${string}-${string}-${string}-${string}` {
  const own = createHash('sha256').update(test).digest('hex')
  let count = 0
  return () =>
    `${own.slice(0, 8)}-${own.slice(8, 12)}-4${own.slice(13, 16)}-a${own.slice(17, 20)}-${String(++count).padStart(12, '0')}`
}

/** Whether a trace was told before it was worked out what is known in it. */
function knowsNothing({ moments }: Trace): boolean {
  return moments.every((moment) => moment.roles.every((role) => role.placeKnown === ''))
}

function answerOf(exchange: Exchange): unknown {
  return exchange.long ? JSON.parse(readFileSync(join(FOLDER, exchange.long), 'utf8')) : exchange.answer
}

function responseOf(exchange: Exchange): Response {
  const said = exchange.status === 204 ? null : JSON.stringify(answerOf(exchange))
  return new Response(said, {
    status: exchange.status,
    headers: {
      'Content-Type': exchange.status < 400 ? 'application/json' : 'application/problem+json',
      ...(exchange.tag ? { ETag: exchange.tag } : {}),
    },
  })
}

/** The same question is answered as it was, time after time; the last answer again and again. */
function next(queues: Map<string, Exchange[]>, asked: string): Exchange | undefined {
  const queue = queues.get(asked) ?? []
  return queue.length > 1 ? queue.shift() : queue[0]
}

/** The tests of this file speak with the application as it was recorded. Gives what was answered so far in a test. */
export function recordedConversation(): () => string[] {
  let file = ''
  let recording: Recording = {}
  let answered: string[] = []
  const pending = new Set<Promise<Exchange>>()

  beforeEach(({ onTestFailed }) => {
    const state = expect.getState()
    file = join(FOLDER, `${basename(state.testPath!, '.test.ts')}.json`)
    if (Object.keys(recording).length === 0 && existsSync(file) && !RECORDING) {
      recording = JSON.parse(readFileSync(file, 'utf8')) as Recording
    }
    const test = state.currentTestName!
    answered = []
    const unknown: string[] = []
    const queues = new Map<string, Exchange[]>()
    for (const exchange of recording[test] ?? []) {
      const same = key(exchange.method, exchange.path, exchange.body)
      queues.set(same, [...(queues.get(same) ?? []), exchange])
    }
    vi.spyOn(crypto, 'randomUUID').mockImplementation(names(test))
    vi.stubGlobal('fetch', async (request: Request) => {
      const path = new URL(request.url).pathname + new URL(request.url).search
      const text = await request.text()
      const body: unknown = text ? JSON.parse(text) : undefined
      const answer = RECORDING
        ? await waitedFor(record(test, request, path, body))
        : next(queues, key(request.method, path, body))
      if (!answer) {
        // As from a server that takes its time: only who waits for this answer fails.
        unknown.push(`${request.method} ${path} ${text.slice(0, 500)}`)
        return new Promise<Response>(() => {})
      }
      answered.push(`${request.method} ${path}`)
      return responseOf(answer)
    })
    onTestFailed(() => {
      if (unknown.length > 0) {
        console.error(`Asked, and never recorded:\n${unknown.join('\n')}`)
      }
    })
  })

  async function waitedFor(exchange: Promise<Exchange>): Promise<Exchange> {
    pending.add(exchange)
    return exchange.finally(() => pending.delete(exchange))
  }

  async function record(test: string, request: Request, path: string, body: unknown): Promise<Exchange> {
    const headers = Object.fromEntries(
      ['If-Match', 'Edit-Id'].flatMap((name) =>
        request.headers.has(name) ? [[name, request.headers.get(name)!]] : [],
      ),
    )
    const got = await ask(RECORDING, request.method, path, headers, body)
    const exchange: Exchange = { method: request.method, path, headers, body, ...got }
    const before = recording[test] ?? []
    const same = key(exchange.method, path, body)
    const last = before.filter((each) => key(each.method, each.path, each.body) === same).at(-1)
    // What was stopped half way, for something else was asked, or only glanced at, comes out another way each time.
    const halfWay =
      (got.answer as { stopped?: boolean } | undefined)?.stopped ||
      (path === '/api/trace/known' && knowsNothing(got.answer as Trace))
    if (
      !halfWay &&
      !path.startsWith('/api/computations/') &&
      !(exchange.method === 'GET' && path.startsWith('/api/survey/')) &&
      (!last || JSON.stringify(last.answer) !== JSON.stringify(exchange.answer))
    ) {
      recording[test] = [...before, exchange]
    }
    return { ...exchange }
  }

  afterEach(async () => {
    // What was asked last is recorded, though nobody waits for it; and whoever leaves may still say so.
    await Promise.all(pending)
    cleanup()
    vi.restoreAllMocks()
    vi.unstubAllGlobals()
  })

  afterAll(() => {
    if (RECORDING) {
      mkdirSync(FOLDER, { recursive: true })
      const lines = Object.values(recording).flat()
      lines.filter((exchange) => JSON.stringify(exchange.answer ?? '').length > LONG).forEach(layAside)
      const tests = Object.entries(recording).map(
        ([name, all]) =>
          `${JSON.stringify(name)}: [\n${all.map((each) => JSON.stringify(each)).join(',\n')}\n]`,
      )
      writeFileSync(file, `{\n${tests.join(',\n')}\n}\n`)
    }
  })

  function layAside(exchange: Exchange): void {
    const text = JSON.stringify(exchange.answer)
    exchange.long = `${createHash('sha256').update(text).digest('hex').slice(0, 12)}.answer.json`
    writeFileSync(join(FOLDER, exchange.long), `${text}\n`)
    delete exchange.answer
  }

  return () => answered
}
