import type { Request, Response } from 'express'
import { Cancelled, type HeavyThread } from '../threads/heavy-thread.js'
import type { AnswerTo, HeavyTask } from '../threads/heavy-task.js'

const LINES = 'application/x-ndjson'

/**
 * Does heavy work for a request on the heavy thread, and gives it up when the caller goes away. A caller that accepts lines
 * of JSON hears how far it is: `{"progress":0.4}` …, then `{"answer":…}`.
 */
export const answerHeavily = async <Task extends HeavyTask>(
  thread: HeavyThread,
  task: Task,
  request: Request,
  response: Response,
  tell: (answer: AnswerTo<Task>) => unknown = (answer) => answer,
): Promise<void> => {
  const gone = new AbortController()
  // A response closes when it was sent, too; then there is nothing left to give up.
  response.on('close', () => response.writableFinished || gone.abort())
  const inLines = request.accepts(['application/json', LINES]) === LINES
  const line = (value: unknown) => void response.write(`${JSON.stringify(value)}\n`)
  try {
    if (inLines) response.type(LINES)
    const answer = await thread.run(task, {
      signal: gone.signal,
      ...(inLines ? { onProgress: (progress) => line({ progress }) } : {}),
    })
    if (inLines) {
      line({ answer: tell(answer) })
      response.end()
    } else response.json(tell(answer))
  } catch (error) {
    if (!(error instanceof Cancelled)) throw error
  }
}
