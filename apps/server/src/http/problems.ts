import type { Problem } from '@bold-heron/schema'
import { firstLanguage, languageCodes, sayProblem, speak } from '@bold-heron/words'
import type { Request, Response } from 'express'
import type { Refusal } from '../refusals/refusal.js'

const languageOf = (request: Request) => request.acceptsLanguages([...languageCodes]) || firstLanguage

/** Problem details (RFC 9457), with a sentence in the language that was asked for. */
export const toldRefusal = (request: Request, refused: Refusal): Problem => ({
  type: `about:blank#${refused.status}`,
  ...refused,
  detail: sayProblem(speak(languageOf(request)), refused),
})

/** Sends problem details. */
export const sendProblem = (response: Response, refused: Refusal): void => {
  const { req: request } = response
  response
    .status(refused.status)
    .type('application/problem+json')
    .set('Content-Language', languageOf(request))
    .send(JSON.stringify(toldRefusal(request, refused)))
}
