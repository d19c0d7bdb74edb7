import { ApiProblem, kindOf, ownToken } from '@/api/client'
import { t } from '@/words'

async function post(address: string, body: BodyInit, type: string): Promise<Response> {
  let answer: Response
  try {
    const headers = { 'Content-Type': type, 'X-XSRF-TOKEN': ownToken() }
    answer = await fetch(address, { method: 'POST', headers, body })
  } catch {
    throw new ApiProblem(0, t('api.client.noAnswer'), t('api.client.craftyPocketDoesNotAnswer'), [])
  }
  if (!answer.ok) {
    const problem = (await answer.json()) as { type: string; title: string; detail: string }
    throw new ApiProblem(answer.status, problem.title, problem.detail, [], kindOf(problem.type))
  }
  return answer
}

/** Asks for a file that is made from what is sent, and hands it to the browser to be saved. */
export async function download(address: string, body: string, name: string): Promise<void> {
  handOver(await (await post(address, body, 'application/json')).blob(), name)
}

/** Hands a file to the browser to be saved. */
export function handOver(file: Blob, name: string): void {
  const link = document.createElement('a')
  link.href = URL.createObjectURL(file)
  link.download = name
  link.click()
  URL.revokeObjectURL(link.href)
}

/** Sends a file as it is, and gives what is answered. */
export async function send(address: string, file: Blob, type: string): Promise<unknown> {
  return (await post(address, file, type)).json()
}
