import type { Problem, ProblemField } from '@bold-heron/schema'
import type { Response } from 'express'

/** An answer other than the one hoped for, as problem details (RFC 9457). */
export class ProblemAnswer extends Error {
  override readonly name = 'ProblemAnswer'

  constructor(readonly problem: Problem) {
    super(problem.detail)
  }
}

const titles: Readonly<Record<number, string>> = {
  400: 'The request cannot be read',
  403: 'Not from this page',
  404: 'Not there',
  412: 'Changed in between',
  413: 'Too large',
  415: 'Wrong kind of content',
  422: 'Some fields cannot be taken as they are',
  428: 'Say which version you changed',
  429: 'Too many requests',
  500: 'Our mistake',
  503: 'The database does not answer',
  507: 'No room left',
}

export const problemOf = (
  status: number,
  detail: string,
  more: { errors?: ProblemField[]; current?: unknown } = {},
): Problem => ({ type: `about:blank#${status}`, title: titles[status] ?? 'Problem', status, detail, ...more })

export const refuse = (...args: Parameters<typeof problemOf>): never => {
  throw new ProblemAnswer(problemOf(...args))
}

export const refuseFields = (errors: ProblemField[]): never =>
  refuse(422, errors.map((error) => error.message).join(' '), { errors })

export const sendProblem = (response: Response, problem: Problem): void => {
  response.status(problem.status).type('application/problem+json').send(JSON.stringify(problem))
}
