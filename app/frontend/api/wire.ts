import type { Fault } from './answers.generated'

// What the server refused, with the places it named; status 0 when it gave no answer.
export class Refused extends Error {
  constructor(
    public status: number,
    public faults: Fault[],
    // As it stands now, where somebody was faster.
    public now?: unknown,
  ) {
    super(faults.map((fault) => `${fault.pointer} ${fault.message}`).join('; '))
  }
}

// What is wrong and what was expected, in one sentence without its full stop.
export const faultWords = ({ message, expected }: Pick<Fault, 'message' | 'expected'>) =>
  `${message}; expected ${expected}`

// Why something was refused; each fault once. otherwise: where there was no such answer.
export const refusal = (error: unknown, otherwise = 'it could not be kept') =>
  error instanceof Refused ? [...new Set(error.faults.map(faultWords))].join('. ') : otherwise

const SIGNED_OUT = 401

const token = () => document.querySelector<HTMLMetaElement>('meta[name="csrf-token"]')?.content ?? ''

export async function ask<T>(path: string, options: RequestInit = {}): Promise<T> {
  let response: Response
  try {
    response = await fetch(`/api${path}`, {
      ...options,
      headers: { Accept: 'application/json', 'X-CSRF-Token': token(), ...options.headers },
    })
  } catch {
    throw new Refused(0, [{ pointer: '', message: 'no answer from the server', expected: 'a connection' }])
  }
  const body: unknown = await response.json().catch(() => null)
  if (response.ok) return body as T
  if (response.status === SIGNED_OUT && path !== '/session') window.dispatchEvent(new Event('signed-out'))
  const said = body as { errors?: Fault[]; now?: unknown } | null
  throw new Refused(
    response.status,
    said?.errors ?? [
      { pointer: '', message: `the server answered ${response.status}`, expected: 'an answer' },
    ],
    said?.now ?? undefined,
  )
}

// A body as the server reads it.
const written = (method: string, body: unknown): RequestInit => ({
  method,
  body: JSON.stringify(body),
  headers: { 'Content-Type': 'application/vnd.dust-ladder+json' },
})

export const send = <T>(method: string, path: string, body: unknown) => ask<T>(path, written(method, body))

// One file as a form sends it, with what else belongs to it.
export const upload = <T>(path: string, file: File, beside: Record<string, string> = {}) => {
  const form = new FormData()
  form.append('file', file)
  Object.entries(beside).forEach(([name, text]) => form.append(name, text))
  return ask<T>(path, { method: 'POST', body: form })
}

// Hands on each line of an answer as it comes.
export async function follow<T>(path: string, options: RequestInit, take: (part: T) => void): Promise<void> {
  const response = await fetch(`/api${path}`, {
    ...options,
    headers: { Accept: 'application/json', 'X-CSRF-Token': token(), ...options.headers },
  })
  if (!response.ok || !response.body)
    throw new Refused(
      response.status,
      ((await response.json().catch(() => null)) as { errors?: Fault[] } | null)?.errors ?? [],
    )
  const reader = response.body.pipeThrough(new TextDecoderStream()).getReader()
  let rest = ''
  for (let piece = await reader.read(); !piece.done; piece = await reader.read()) {
    const lines = (rest + piece.value).split('\n')
    rest = lines.pop() ?? ''
    lines.forEach((line) => take(JSON.parse(line) as T))
  }
}

// Asks for what is answered line by line.
export const followed = <T>(path: string, asked: object, take: (part: T) => void, signal: AbortSignal) =>
  follow<T>(path, { ...written('POST', asked), signal }, take)
