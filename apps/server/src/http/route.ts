import type { Express, Request, RequestHandler, Response } from 'express'
import { z } from 'zod'
import type { Audited, AuditedDeed, Role } from '@bold-heron/schema'
import { idOf } from './id-of.js'
import { refuse } from '../refusals/refusal.js'
import { onceTaken } from './taken.js'
import { validated } from './validate.js'
import { mustBe, whoIs } from '../sharing/who.js'

/** Content other than JSON, or JSON that is not to be read on the thread that answers. */
export interface OtherContent {
  readonly type: string
  readonly schema: z.ZodType
  /** Handed on as the bytes that came. */
  readonly isRaw?: true
}

/** What an operation answers with some status: a body of a schema, JSON unless it says otherwise, or only words. */
export interface Answered {
  readonly says: string
  readonly schema?: z.ZodType
  readonly type?: string
}

/** What a handler is asked, read and checked. */
export interface Asked<Query, Body> {
  /** The id in the address; empty where it has none. */
  readonly id: string
  readonly query: Query
  readonly body: Body
  /** The version that a save was made from; 0 where the operation compares none. */
  readonly version: number
  readonly request: Request
  readonly response: Response
}

/** Something other than 200 and a plain body. */
export class Reply {
  constructor(
    readonly status: number,
    readonly body: unknown,
    readonly headers: Readonly<Record<string, string>> = {},
  ) {}
}

/**
 * One operation of the API. It is served and described by the same record: what it takes is checked by the schemas that the document
 * shows.
 */
export interface Route {
  readonly method: 'get' | 'post' | 'put' | 'delete'
  /** As in the document, such as `/api/jobs/{id}/recipes`. */
  readonly path: string
  readonly summary: string
  /** Which devices may ask it; whoever sits at the machine may ask everything. */
  readonly for: Role
  /** What the id in the path is one of, such as `job`. */
  readonly one?: string | undefined
  readonly query?: z.ZodObject | undefined
  readonly body?: z.ZodType | OtherContent | undefined
  /** A save must say which version it was made from. */
  readonly isVersioned?: true | undefined
  readonly answers: Readonly<Record<number, Answered>>
  /** What it does to rights, or to everything at once: written down with who did it. */
  readonly deed?: AuditedDeed | undefined
  /** Runs before the body is read, as where that is no JSON. */
  readonly before?: readonly RequestHandler[] | undefined
  handle(asked: Asked<Record<string, unknown>, unknown>): unknown
}

type OutputOf<Schema> = Schema extends z.ZodType ? z.output<Schema> : undefined

/** A route whose handler knows what its schemas read; what it returns is the answer, unless it has answered itself. */
export const route = <
  Query extends z.ZodObject | undefined = undefined,
  Body extends z.ZodType | OtherContent | undefined = undefined,
>(
  record: Omit<Route, 'query' | 'body' | 'handle'> & {
    readonly query?: Query
    readonly body?: Body
    handle(
      asked: Asked<OutputOf<Query>, Body extends OtherContent ? z.output<Body['schema']> : OutputOf<Body>>,
    ): unknown
  },
): Route => record as unknown as Route

/** The version a save was made from: `If-Match: "3"`. */
const versionOf = (request: Request): number => {
  const header = request.get('If-Match')
  if (header === undefined) return refuse(428, 'version-missing')
  const match = /^"?(\d{1,9})"?$/.exec(header.trim())
  return match ? Number(match[1]) : refuse(400, 'version-unreadable', { values: { value: header.slice(0, 40) } })
}

const bodyOf = ({ body }: Route, request: Request): unknown => {
  if (!body) return undefined
  if (body instanceof z.ZodType) return validated(body, request.body)
  if (body.isRaw && !Buffer.isBuffer(request.body)) return refuse(415, 'send-json')
  if (body.type === 'text/csv' && typeof request.body !== 'string') return refuse(415, 'send-csv')
  return request.body as unknown
}

const send = (response: Response, made: unknown): void => {
  if (response.headersSent || response.writableEnded) return
  const { status, body, headers } = made instanceof Reply ? made : new Reply(200, made)
  response.status(status).set(headers)
  if (Buffer.isBuffer(body) || typeof body === 'string') response.send(body)
  else response.json(body)
}

/** Serves routes; what some of them do is written down with who did it. */
export const serve = (
  app: Express,
  routes: readonly Route[],
  writeDown: (what: Omit<Audited, 'at'>) => Promise<void>,
): void => {
  for (const each of routes) {
    const { method, path, one, query, isVersioned, before = [] } = each
    app[method](path.replace(/\{(\w+)\}/g, ':$1'), ...before, async (request, response) => {
      mustBe(request, each.for)
      const { deed } = each
      if (deed)
        onceTaken(response, () => {
          const about = request.path.replace(/^\/api\//, '')
          writeDown({ who: whoIs(request).name, deed, about }).catch((error: unknown) => request.log?.error(error))
        })
      const made = await each.handle({
        // In this order: who saves without a version hears of that first, whatever else is wrong.
        version: isVersioned ? versionOf(request) : 0,
        id: one === undefined ? '' : idOf(request, one),
        query: query ? validated<z.ZodType<Record<string, unknown>>>(query, request.query) : {},
        body: bodyOf(each, request),
        request,
        response,
      })
      if (made !== undefined) send(response, made)
    })
  }
}
