import { type Problem, problem } from '@bold-heron/schema'
import type { z } from 'zod'

/** The server answered, but not with what was asked for. */
export class ProblemError extends Error {
  override readonly name = 'ProblemError'

  constructor(readonly problem: Problem) {
    super(problem.code)
  }
}

/** The server could not be reached; nothing was saved. */
export class AwayError extends Error {
  override readonly name = 'AwayError'

  constructor() {
    super('the server does not answer')
  }
}

/** The server answered in a way that this page does not know: the one is newer than the other. */
export class MisreadError extends Error {
  override readonly name = 'MisreadError'
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

/** An answer as its schema reads it. */
const read = async <Schema extends z.ZodType>(response: Response, schema: Schema): Promise<z.output<Schema>> => {
  const { data, error } = schema.safeParse(await response.json())
  if (error) throw new MisreadError(`${response.url}: ${error.message}`)
  return data
}

const isProblem = (response: Response): boolean => response.headers.get('Content-Type')?.includes('problem') === true

/** Asks the server and returns its answer as a schema reads it; throws ProblemError, AwayError or MisreadError. */
export const ask = async <Schema extends z.ZodType>(
  path: string,
  schema: Schema,
  asked: Asked = {},
): Promise<z.output<Schema>> => {
  const response = await send(path, asked)
  if (response.ok) return read(response, schema)
  if (isJson(response)) throw new ProblemError(await read(response, problem))
  throw new AwayError()
}

/** As `ask`, for answers whose status is part of the meaning: returns the body of a 422 too. */
export const askReport = async <Schema extends z.ZodType>(
  path: string,
  schema: Schema,
  asked: Asked,
): Promise<z.output<Schema>> => {
  const response = await send(path, asked)
  if (isJson(response) && (response.ok || (response.status === 422 && !isProblem(response))))
    return read(response, schema)
  if (isJson(response)) throw new ProblemError(await read(response, problem))
  throw new AwayError()
}
