import type { Problem, ProblemCode, ProblemField } from '@bold-heron/schema'

/** What goes wrong with a request, in codes and values; words come last, when it is sent. */
export interface Refusal extends Omit<Problem, 'type' | 'detail'> {
  readonly code: ProblemCode
}

type More = Pick<Refusal, 'values' | 'errors' | 'current'>

export const refusal = (status: number, code: ProblemCode, more: More = {}): Refusal => ({ status, code, ...more })

/** An answer other than the one hoped for. */
export class Refused extends Error {
  override readonly name = 'Refused'

  constructor(readonly refusal: Refusal) {
    super(refusal.code)
  }
}

export const refuse = (...args: Parameters<typeof refusal>): never => {
  throw new Refused(refusal(...args))
}

/** No row of this kind has the id given. */
export const refuseMissing = (one: string): never => refuse(404, 'no-such', { values: { one } })

export const refuseFields = (errors: ProblemField[]): never => refuse(422, 'fields', { errors })
