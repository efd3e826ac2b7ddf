import { idField } from '@bold-heron/schema'
import type { Request } from 'express'
import { refuse } from './problems.js'

/** The id in a request's address; what is no id is not there. */
export const idOf = (request: Request, one: string): string => {
  const id = idField.safeParse(request.params['id'])
  return id.success ? id.data : refuse(404, `There is no ${one} with the id given; ids look like 0b5f1c9e-….`)
}
