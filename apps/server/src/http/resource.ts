import { pageQuery } from '@bold-heron/schema'
import { type Request, type Response, Router } from 'express'
import { type z } from 'zod'
import type { RowModel } from '../store/models/row-model.js'
import type { Saved, Table } from '../store/table.js'
import { idOf } from './id-of.js'
import { refuse, refuseFields } from './problems.js'
import { validated } from './validate.js'

/** One kind of row as the API shows it. */
export interface Resource<Input, Row, Filter> {
  /** Path part and name in the API document, such as `plates`. */
  readonly name: string
  readonly one: string
  readonly input: z.ZodType<Input>
  readonly row: z.ZodType<Row>
  readonly filter: z.ZodType<Filter>
  readonly retirable: boolean
}

/** The version a save was made from: `If-Match: "3"`. */
const versionOf = (request: Request): number => {
  const header = request.get('If-Match')
  if (header === undefined)
    return refuse(
      428,
      'Send the version you changed as a header, such as If-Match: "3", so that nobody’s work is overwritten.',
    )
  const match = /^"?(\d{1,9})"?$/.exec(header.trim())
  return match ? Number(match[1]) : refuse(400, `If-Match is ${header.slice(0, 40)}; it must be a version such as "3".`)
}

const sendRow = (response: Response, status: number, row: { version: number }): void => {
  response.status(status).set('ETag', `"${row.version}"`).json(row)
}

/** Sends what came of a save. */
export const sendSaved = <Row extends { version: number }>(
  response: Response,
  saved: Saved<Row>,
  one: string,
  status = 200,
): void => {
  switch (saved.is) {
    case 'saved':
      return sendRow(response, status, saved.row)
    case 'missing':
      return refuse(404, `There is no such ${one}.`)
    case 'stale':
      return refuse(
        412,
        `This ${one} was saved elsewhere in the meantime (now version ${saved.current.version}). Look at it, then save again.`,
        { current: saved.current },
      )
    case 'refused':
      return refuseFields(saved.errors)
  }
}

export { versionOf }

/** The routes that every kind of row has. */
export const resourceRouter = <Stored extends RowModel, Input, Row extends { version: number }, Filter>(
  { one, input, filter, retirable }: Resource<Input, Row, Filter>,
  table: Table<Stored, Input, Row, Filter>,
): Router => {
  const router = Router()
  const mark = async (request: Request, response: Response, column: 'deletedAt' | 'retiredAt', at: Date | null) => {
    const row = await table.mark(idOf(request, one), column, at)
    if (!row) return refuse(404, `There is no such ${one}.`)
    sendRow(response, 200, row)
  }

  router.get('/', async (request, response) => {
    const page = validated(pageQuery, request.query)
    response.json(await table.list({ ...page, filter: validated(filter, request.query) }))
  })
  router.get('/:id', async (request, response) => {
    const row = await table.find(idOf(request, one))
    if (!row) return refuse(404, `There is no such ${one}.`)
    sendRow(response, 200, row)
  })
  router.post('/', async (request, response) => {
    sendSaved(response, await table.create(validated(input, request.body)), one, 201)
  })
  router.put('/:id', async (request, response) => {
    const version = versionOf(request)
    sendSaved(response, await table.update(idOf(request, one), version, validated(input, request.body)), one)
  })
  router.delete('/:id', (request, response) => mark(request, response, 'deletedAt', new Date()))
  router.post('/:id/restore', (request, response) => mark(request, response, 'deletedAt', null))
  if (retirable) {
    router.post('/:id/retire', (request, response) => mark(request, response, 'retiredAt', new Date()))
    router.post('/:id/return', (request, response) => mark(request, response, 'retiredAt', null))
  }
  return router
}
