import { request } from 'node:http'

/*
 * The application itself, while conversations are recorded. Ids that differ from one data folder to the next, those of demo
 * routines, sets and people, are written as aliases, which RecordedAnswersTest gives.
 */

const ALIASES = Object.entries(JSON.parse(process.env['CRAFTY_ALIASES'] ?? '{}') as Record<string, string>)

interface Got {
  status: number
  tag: string
  answer: unknown
}

let token = ''

function exchange(
  base: string,
  method: string,
  path: string,
  headers: Record<string, string>,
  body: string,
): Promise<{ status: number; headers: Record<string, string | string[] | undefined>; text: string }> {
  return new Promise((resolve, reject) => {
    const asking = request(
      `${base}${path}`,
      {
        method,
        headers: {
          ...headers,
          'Content-Type': 'application/json',
          Cookie: `XSRF-TOKEN=${token}`,
          'X-XSRF-TOKEN': token,
        },
      },
      (answer) => {
        let text = ''
        answer.setEncoding('utf8')
        answer.on('data', (part: string) => (text += part))
        answer.on('end', () => resolve({ status: answer.statusCode!, headers: answer.headers, text }))
      },
    )
    asking.on('error', reject)
    asking.end(body)
  })
}

async function ownToken(base: string): Promise<string> {
  const first = await exchange(base, 'GET', '/api/folder', {}, '')
  return String(first.headers['set-cookie']).match(/XSRF-TOKEN=([^;]*)/)![1]!
}

/** Asks the running application, in aliases, and gives its answer in aliases, with every instant the same. */
export async function ask(
  base: string,
  method: string,
  path: string,
  headers: Record<string, string>,
  body: unknown,
): Promise<Got> {
  token ||= await ownToken(base)
  const real = (text: string) => ALIASES.reduce((said, [alias, id]) => said.replaceAll(alias, id), text)
  const told = (text: string) => ALIASES.reduce((said, [alias, id]) => said.replaceAll(id, alias), text)
  const got = await exchange(
    base,
    method,
    real(path),
    headers,
    body === undefined ? '' : real(JSON.stringify(body)),
  )
  const text = told(got.text).replace(
    /"\d{4}-\d\d-\d\dT\d\d:\d\d(:\d\d(\.\d+)?)?Z"/g,
    '"2026-05-04T20:00:00Z"',
  )
  return {
    status: got.status,
    tag: String(got.headers['etag'] ?? ''),
    answer: text ? (JSON.parse(text) as unknown) : undefined,
  }
}
