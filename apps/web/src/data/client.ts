import type { Problem } from '@bold-heron/schema'

/** The server answered, but not with what was asked for. */
export class ProblemError extends Error {
  override readonly name = 'ProblemError'

  constructor(readonly problem: Problem) {
    super(problem.detail)
  }
}

/** The server could not be reached; nothing was saved. */
export class AwayError extends Error {
  override readonly name = 'AwayError'

  constructor() {
    super('the server does not answer')
  }
}

export interface Asked {
  readonly method?: 'GET' | 'POST' | 'PUT' | 'DELETE'
  readonly body?: unknown
  /** Sent as it is, with its type, in place of JSON. */
  readonly text?: { readonly type: string; readonly content: string }
  /** A file, sent as it is. */
  readonly file?: Blob
  /** The version a save was made from. */
  readonly version?: number
  readonly signal?: AbortSignal
}

const send = async (path: string, { method = 'GET', body, text, file, version, signal }: Asked): Promise<Response> => {
  const headers: Record<string, string> = {}
  if (body !== undefined) headers['Content-Type'] = 'application/json'
  if (text) headers['Content-Type'] = text.type
  if (file) headers['Content-Type'] = file.type || 'application/octet-stream'
  if (version !== undefined) headers['If-Match'] = `"${version}"`
  try {
    return await fetch(path, {
      method,
      headers,
      ...(file
        ? { body: file }
        : text
          ? { body: text.content }
          : body === undefined
            ? {}
            : { body: JSON.stringify(body) }),
      ...(signal ? { signal } : {}),
    })
  } catch (error) {
    if (signal?.aborted) throw error
    throw new AwayError()
  }
}

const isJson = (response: Response): boolean => response.headers.get('Content-Type')?.includes('json') === true

/** Asks the server and returns its JSON; throws ProblemError or AwayError. */
export const ask = async <Answer>(path: string, asked: Asked = {}): Promise<Answer> => {
  const response = await send(path, asked)
  if (response.ok) return (await response.json()) as Answer
  if (isJson(response)) throw new ProblemError((await response.json()) as Problem)
  throw new AwayError()
}

/** As `ask`, for answers whose status is part of the meaning: returns the body of a 422 too. */
export const askReport = async <Answer>(path: string, asked: Asked): Promise<Answer> => {
  const response = await send(path, asked)
  if (isJson(response) && (response.ok || response.status === 422)) {
    const answer = (await response.json()) as Answer | Problem
    if (response.headers.get('Content-Type')?.includes('problem')) throw new ProblemError(answer as Problem)
    return answer as Answer
  }
  if (isJson(response)) throw new ProblemError((await response.json()) as Problem)
  throw new AwayError()
}
