import { PAGE_HEADER, type Problem, problem } from '@bold-heron/schema'
import type { z } from 'zod'
import { reach } from './reach.js'

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
  /** The kind of answer that is wanted; JSON where it does not say. */
  readonly accept?: string
}

/** This page, so that it need not be told of what it changed itself. */
export const page = crypto.randomUUID()

const send = async (
  path: string,
  { method = 'GET', body, text, file, version, signal, accept }: Asked,
): Promise<Response> => {
  const headers: Record<string, string> = method === 'GET' ? {} : { [PAGE_HEADER]: page }
  if (accept) headers['Accept'] = accept
  if (body !== undefined) headers['Content-Type'] = 'application/json'
  if (text) headers['Content-Type'] = text.type
  if (file) headers['Content-Type'] = file.type || 'application/octet-stream'
  if (version !== undefined) headers['If-Match'] = `"${version}"`
  try {
    const response = await fetch(path, {
      method,
      headers,
      // What says all in its address, as an undo does, is done even where the page is left at once.
      keepalive: method !== 'GET' && body === undefined && !text && !file,
      ...(file
        ? { body: file }
        : text
          ? { body: text.content }
          : body === undefined
            ? {}
            : { body: JSON.stringify(body) }),
      ...(signal ? { signal } : {}),
    })
    reach.answered(response)
    return response
  } catch (error) {
    if (signal?.aborted) throw error
    reach.away()
    throw new AwayError()
  }
}

const isJson = (response: Response): boolean => response.headers.get('Content-Type')?.includes('json') === true

const parsed = <Schema extends z.ZodType>(from: string, schema: Schema, answer: unknown): z.output<Schema> => {
  const { data, error } = schema.safeParse(answer)
  if (error) throw new MisreadError(`${from}: ${error.message}`)
  return data
}

/** An answer as its schema reads it. */
const read = async <Schema extends z.ZodType>(response: Response, schema: Schema): Promise<z.output<Schema>> =>
  parsed(response.url, schema, await response.json())

/** What is thrown for an answer that is not what was asked for. */
const troubleOf = async (response: Response): Promise<Error> =>
  isJson(response) ? new ProblemError(await read(response, problem)) : new AwayError()

/** Asks the server and returns its answer as a schema reads it; throws ProblemError, AwayError or MisreadError. */
export const ask = async <Schema extends z.ZodType>(
  path: string,
  schema: Schema,
  asked: Asked = {},
): Promise<z.output<Schema>> => {
  const response = await send(path, asked)
  if (!response.ok) throw await troubleOf(response)
  return read(response, schema)
}

/** A file as the server gives it. */
export const askFile = async (path: string): Promise<Blob> => {
  const response = await send(path, {})
  if (!response.ok) throw await troubleOf(response)
  return response.blob()
}

const LINES = 'application/x-ndjson'

/** The lines of an answer, as they come. */
async function* linesOf(body: ReadableStream<Uint8Array>): AsyncGenerator<Record<string, unknown>> {
  const reader = body.getReader()
  const decoder = new TextDecoder()
  let begun = ''
  for (;;) {
    const { value, done } = await reader.read().catch(() => {
      throw new AwayError()
    })
    if (done) return
    const lines = (begun + decoder.decode(value, { stream: true })).split('\n')
    begun = lines.pop() ?? ''
    for (const line of lines) if (line !== '') yield JSON.parse(line) as Record<string, unknown>
  }
}

/** As `ask`, for long work: `tell` hears how far it is (0…1), and `tellPart` what is there already, until the answer is. */
export const askInLines = async <Schema extends z.ZodType>(
  path: string,
  schema: Schema,
  asked: Asked,
  tell: (share: number) => void = () => undefined,
  tellPart: (part: unknown) => void = () => undefined,
): Promise<z.output<Schema>> => {
  const response = await send(path, { ...asked, accept: LINES })
  if (!response.ok || !response.body) throw await troubleOf(response)
  for await (const line of linesOf(response.body)) {
    if (typeof line['progress'] === 'number') tell(line['progress'])
    if ('part' in line) tellPart(line['part'])
    if ('problem' in line) throw new ProblemError(problem.parse(line['problem']))
    if ('answer' in line) return parsed(response.url, schema, line['answer'])
  }
  throw new AwayError()
}
