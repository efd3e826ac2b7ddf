import { pageOf, pageQuery } from '@bold-heron/schema'
import type { RowModel } from '../../store/models/row-model.js'
import { SharedReads } from '../../store/shared-reads.js'
import type { Table } from '../../store/table.js'
import { refusedFields, stale } from '../answers.js'
import { refuse, refuseMissing } from '../../refusals/refusal.js'
import { whoIs } from '../../sharing/who.js'
import { type Reply, route, type Route } from '../route.js'
import type { RowKind } from '../row-kinds.js'
import { rowReply, savedReply, writtenReply } from '../saved.js'
import { validated } from '../validate.js'

/** The operations that every kind of row has. */
export const rowRoutes = <Stored extends RowModel, Input, Row extends { version: number }, Filter>(
  { name, one, input, row, filter, fromOlder = (query) => query, retirable, forBench }: RowKind<Input, Row, Filter>,
  table: Table<Stored, Input, Row, Filter>,
): Route[] => {
  const path = `/api/${name}`
  const reads = new SharedReads<Reply | undefined>()
  const marking = (
    method: 'post' | 'delete',
    under: string,
    summary: string,
    column: 'deletedAt' | 'retiredAt',
    at: () => Date | null,
  ): Route =>
    route({
      method,
      path: `${path}/{id}${under}`,
      for: 'helper',
      one,
      summary,
      answers: { 200: { says: 'The row as it is now', schema: row } },
      async handle({ id }): Promise<Reply> {
        const marked = await table.mark(id, column, at())
        return marked ? rowReply(marked) : refuseMissing(one)
      },
    })
  return [
    {
      method: 'get',
      path,
      for: 'bench',
      summary: `List ${name}`,
      query: pageQuery.extend(filter.shape),
      answers: { 200: { says: 'One page', schema: pageOf(row) }, 422: refusedFields },
      before: [
        (request, _response, next) => {
          Object.defineProperty(request, 'query', { value: fromOlder(request.query) })
          next()
        },
      ],
      handle: ({ request }) => {
        const { page, pageSize } = validated(pageQuery, request.query)
        return table.list({ page, pageSize, filter: validated(filter, request.query) })
      },
    },
    route({
      method: 'get',
      path: `${path}/{id}`,
      for: 'bench',
      one,
      summary: `One ${one}`,
      answers: { 200: { says: 'The row', schema: row } },
      // Two hundred devices look at one evening's queue.
      handle: async ({ id }) =>
        (await reads.read(id, async () => {
          const found = await table.find(id)
          return found && writtenReply(found)
        })) ?? refuseMissing(one),
    }),
    route({
      method: 'post',
      path,
      for: 'helper',
      summary: `Add a ${one}`,
      body: input,
      answers: { 201: { says: 'The new row', schema: row }, 422: refusedFields },
      handle: async ({ body }) => savedReply(await table.create(body), one, 201),
    }),
    route({
      method: 'put',
      path: `${path}/{id}`,
      for: forBench ? 'bench' : 'helper',
      one,
      summary: `Save a ${one}`,
      isVersioned: true,
      body: input,
      answers: { 200: { says: 'The row as saved', schema: row }, 412: stale, 422: refusedFields },
      async handle({ id, version, body, request }) {
        if (forBench && whoIs(request).role === 'bench') {
          const stands = await table.find(id)
          if (stands && !forBench(body, stands)) return refuse(403, 'not-for-this-device')
        }
        return savedReply(await table.update(id, version, body), one)
      },
    }),
    marking('delete', '', `Delete a ${one}; it can be restored`, 'deletedAt', () => new Date()),
    marking('post', '/restore', `Undo the deleting of a ${one}`, 'deletedAt', () => null),
    ...(retirable
      ? [
          marking('post', '/retire', `Put a ${one} aside`, 'retiredAt', () => new Date()),
          marking('post', '/return', `Take a ${one} back into use`, 'retiredAt', () => null),
        ]
      : []),
  ]
}
