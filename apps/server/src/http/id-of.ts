import { idField } from '@bold-heron/schema'
import type { Request } from 'express'
import { refuse } from '../refusals/refusal.js'

/** The id in a request's address; what is no id is not there. */
export const idOf = (request: Request, one: string): string => {
  const id = idField.safeParse(request.params['id'])
  return id.success ? id.data : refuse(404, 'no-such-id', { values: { one } })
}
