import { OpenApiGeneratorV31, OpenAPIRegistry, type ResponseConfig } from '@asteasolutions/zod-to-openapi'
import { problem } from '@bold-heron/schema'
import { z } from 'zod'
import type { Answered, Route } from './route.js'
import { rowKinds } from './row-kinds.js'

const idInPath = z.object({ id: z.uuid() })
const versionHeader = z.object({
  'If-Match': z.string().meta({ description: 'The version the change was made from, such as "3"' }),
})

/** The API as an OpenAPI 3.1 document, made from the very records that serve it. */
export const documentOf = (routes: readonly Route[]): object => {
  const registry = new OpenAPIRegistry()
  // Named once in the document, and pointed at from everywhere.
  const named = new Map<z.ZodType, z.ZodType>([[problem, problem.meta({ id: 'Problem' })]])
  for (const { one, row } of Object.values(rowKinds)) named.set(row, row.meta({ id: one }))
  const responseOf = ({ says, schema, type = 'application/json' }: Answered): ResponseConfig => ({
    description: says,
    ...(schema ? { content: { [type]: { schema: named.get(schema) ?? schema } } } : {}),
  })
  for (const { method, path, summary, one, query, body, isVersioned, answers } of routes)
    registry.registerPath({
      method,
      path,
      summary,
      request: {
        ...(one === undefined ? {} : { params: idInPath }),
        ...(query ? { query } : {}),
        ...(isVersioned ? { headers: versionHeader } : {}),
        ...(body
          ? {
              body: {
                required: true,
                content:
                  body instanceof z.ZodType
                    ? { 'application/json': { schema: body } }
                    : { [body.type]: { schema: body.schema } },
              },
            }
          : {}),
      },
      responses: Object.fromEntries(
        Object.entries(answers).map(([status, answered]) => [status, responseOf(answered)]),
      ),
    })
  return new OpenApiGeneratorV31(registry.definitions).generateDocument({
    openapi: '3.1.0',
    info: {
      title: 'Bold Heron',
      version: '1',
      description:
        'Stacks, passes and the log of a die-cutting workshop. Lengths in mm. Where the database does not answer, every address answers 503, and says of a change whether it was saved, was not, or whether that is not known; where it has no room, 507.',
    },
  })
}
