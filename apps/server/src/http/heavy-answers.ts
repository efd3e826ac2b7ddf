import type { Request, Response } from 'express'
import { Cancelled } from '../threads/pool.js'
import { Refused } from '../refusals/refusal.js'
import type { AnswerOf, InputOf, TaskName } from '../work/tasks.js'
import type { Work } from '../work/work.js'
import { toldRefusal } from './problems.js'

const LINES = 'application/x-ndjson'

/** How an answer of heavy work is given. */
interface ResponseCache<Name extends TaskName> {
  /** What is answered; the work's own answer unless this says otherwise. */
  readonly tell?: (answer: AnswerOf<Name>) => unknown
  /** The status, by the answer; 200 unless this says otherwise. Answers in lines have begun with 200 already. */
  readonly statusOf?: (answer: AnswerOf<Name>) => number
  /** Goes on although the caller has gone away. */
  readonly goesOn?: boolean
}

/** A signal that is given when the caller goes away before it was answered. */
const whenGone = (response: Response): AbortSignal => {
  const gone = new AbortController()
  // A response closes when it was sent, too; then there is nothing left to give up.
  response.on('close', () => response.writableFinished || gone.abort())
  return gone.signal
}

/** What stands round work whose answer may be given in lines. */
export interface InLines {
  /** Given when the caller goes away; undefined for work that goes on all the same. */
  readonly signal: AbortSignal | undefined
  readonly onProgress: ((share: number) => void) | undefined
  /** Tells a part of the answer before the rest is there; nobody hears it who did not ask for lines. */
  tell(part: unknown): void
}

/**
 * Answers with what work makes, and gives it up when the caller goes away. A caller that accepts lines of JSON hears how far it is:
 * `{"progress":0.4}` and `{"part":…}` …, then `{"answer":…}`, or `{"problem":…}` with problem details.
 */
export const answerInLines = async <Made>(
  request: Request,
  response: Response,
  work: (around: InLines) => Promise<Made>,
  {
    tell = (made) => made,
    statusOf = () => 200,
    goesOn = false,
  }: {
    readonly tell?: (made: Made) => unknown
    readonly statusOf?: (made: Made) => number
    readonly goesOn?: boolean
  } = {},
): Promise<void> => {
  const inLines = request.accepts(['application/json', LINES]) === LINES
  const line = (value: unknown) => void response.write(`${JSON.stringify(value)}\n`)
  const around: InLines = {
    signal: goesOn ? undefined : whenGone(response),
    onProgress: inLines ? (progress) => line({ progress }) : undefined,
    tell: (part) => inLines && line({ part }),
  }
  try {
    if (inLines) response.type(LINES)
    const made = await work(around)
    if (!inLines) return void response.status(statusOf(made)).json(tell(made))
    line({ answer: tell(made) })
    response.end()
  } catch (error) {
    if (error instanceof Cancelled && !goesOn) return
    if (!(inLines && response.headersSent && error instanceof Refused)) throw error
    line({ problem: toldRefusal(request, error.refusal) })
    response.end()
  }
}

/** Does one task for a request on a thread of the pool (`answerInLines`). */
export const answerHeavily = <Name extends TaskName>(
  work: Work,
  name: Name,
  input: InputOf<Name>,
  request: Request,
  response: Response,
  answering: ResponseCache<Name> = {},
): Promise<void> =>
  answerInLines(request, response, ({ signal, onProgress }) => work.run(name, input, { signal, onProgress }), answering)

/** Answers with what a task gives away by parts; should it fail in the middle, the connection is broken, so that nobody takes it for whole. */
export const answerByParts = async <Name extends TaskName>(
  work: Work,
  name: Name,
  input: InputOf<Name>,
  response: Response,
  headers: Readonly<Record<string, string>>,
): Promise<void> => {
  try {
    await work.run(name, input, {
      signal: whenGone(response),
      onPart: (part) => {
        if (!response.headersSent) response.status(200).set(headers)
        response.write(part)
      },
    })
    response.end()
  } catch (error) {
    if (error instanceof Cancelled) return
    if (!response.headersSent) throw error
    response.destroy()
  }
}
