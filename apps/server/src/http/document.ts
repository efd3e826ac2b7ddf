import { problem } from '@bold-heron/schema'
import { z } from 'zod'
import { answersOf } from './answers.js'
import type { Answered, Route } from './route.js'
import { rowKinds } from './row-kinds.js'

const DESCRIPTION =
  'Stacks, passes and the log of a die-cutting workshop. Lengths in mm. Where the database does not answer, every address answers 503, and says of a change whether it was saved, was not, or whether that is not known; where it has no room, 507.'

const ID_IN_PATH = { name: 'id', in: 'path', required: true, schema: { type: 'string', format: 'uuid' } }
const VERSION_HEADER = {
  name: 'If-Match',
  in: 'header',
  required: true,
  description: 'The version the change was made from, such as "3"',
  schema: { type: 'string' },
}

const AT = '#/components/schemas/'

/** Schemas of one direction, each described once by its name and pointed at from everywhere. */
class Described {
  private readonly registry = z.registry<{ id: string }>()
  private readonly names = new Map<z.ZodType, string>()

  constructor(private readonly io: 'input' | 'output') {}

  name(schema: z.ZodType, name: string): string {
    const known = this.names.get(schema)
    if (known !== undefined) return known
    this.names.set(schema, name)
    this.registry.add(schema, { id: name })
    return name
  }

  schemas(): Record<string, unknown> {
    return z.toJSONSchema(this.registry, {
      io: this.io,
      target: 'draft-2020-12',
      unrepresentable: 'any',
      uri: (id) => `${AT}${id}`,
      override: ({ jsonSchema }) => {
        // More may come to be told; whoever reads an answer minds what it knows.
        if (jsonSchema.additionalProperties === false) delete jsonSchema.additionalProperties
      },
    }).schemas
  }
}

/** A name for what an operation takes or answers, by its method and path. */
const nameOf = ({ method, path }: Route, what: string): string =>
  `${method}${path
    .replace('/api', '')
    .split(/[/{}-]+/)
    .map((part) => part.charAt(0).toUpperCase() + part.slice(1))
    .join('')}${what}`

/** Each of a query's fields as a parameter. */
const parametersOf = (query: z.ZodObject): object[] => {
  const { properties = {}, required = [] } = z.toJSONSchema(query, { io: 'input', unrepresentable: 'any' })
  return Object.entries(properties).map(([name, schema]) => ({
    name,
    in: 'query',
    required: required.includes(name),
    schema,
  }))
}

/** The API as an OpenAPI 3.1 document, made from the very records that serve it. */
export const documentOf = (routes: readonly Route[]): object => {
  const taken = new Described('input')
  const answered = new Described('output')
  answered.name(problem, 'Problem')
  for (const { one, row } of Object.values(rowKinds)) answered.name(row, one)
  const pointer = (name: string) => ({ $ref: `${AT}${name}` })

  const responseOf = (each: Route, status: string, { says, schema, type = 'application/json' }: Answered) => ({
    description: says,
    ...(schema ? { content: { [type]: { schema: pointer(answered.name(schema, nameOf(each, status))) } } } : {}),
  })
  const bodyOf = (each: Route) => {
    if (!each.body) return {}
    const { type, schema } =
      each.body instanceof z.ZodType ? { type: 'application/json', schema: each.body } : each.body
    const name = taken.name(schema, nameOf(each, 'Body'))
    return { requestBody: { required: true, content: { [type]: { schema: pointer(name) } } } }
  }
  const paths: Record<string, Record<string, object>> = {}
  for (const each of routes) {
    const { method, path, summary, one, query, isVersioned } = each
    const its = (paths[path] ??= {})
    its[method] = {
      summary,
      // Which devices may ask it, each role more than the one before: bench, helper, owner.
      'x-for': each.for,
      parameters: [
        ...(one === undefined ? [] : [ID_IN_PATH]),
        ...(query ? parametersOf(query) : []),
        ...(isVersioned ? [VERSION_HEADER] : []),
      ],
      ...bodyOf(each),
      responses: Object.fromEntries(
        Object.entries(answersOf(each)).map(([status, answer]) => [status, responseOf(each, status, answer)]),
      ),
    }
  }
  return {
    openapi: '3.1.0',
    info: { title: 'Bold Heron', version: '1', description: DESCRIPTION },
    paths,
    components: { schemas: { ...taken.schemas(), ...answered.schemas() } },
  }
}
