import type { Request, Response } from 'express'
import type { News } from '@bold-heron/schema'
import { refuse } from '../refusals/refusal.js'
import { whoIs } from './who.js'

/** A household has not so many browsers; more would be somebody's mischief. */
const MOST_STREAMS = 500
/** ms. So often something is said where nothing happens, so that nobody on the way takes a stream for dead. */
const STILL_THERE_MS = 25_000

/** The browsers that hear what changes, as server-sent events (the HTML standard, 9.2). */
export class Streams {
  private readonly open = new Map<Response, string | null>()

  /** Keeps the answer open, and tells it what changes from now on. */
  add(request: Request, response: Response): void {
    if (this.open.size >= MOST_STREAMS) return refuse(503, 'too-many-listening')
    response.status(200).set({ 'Content-Type': 'text/event-stream', 'Cache-Control': 'no-store' })
    response.flushHeaders()
    response.write(': open\n\n')
    this.open.set(response, whoIs(request).deviceId)
    const timer = setInterval(() => response.write(': still there\n\n'), STILL_THERE_MS)
    timer.unref()
    response.on('close', () => {
      clearInterval(timer)
      this.open.delete(response)
    })
  }

  tell(news: News): void {
    for (const response of this.open.keys()) response.write(`data: ${JSON.stringify(news)}\n\n`)
  }

  /** Ends the streams of a device that was sent away. */
  endOf(device: string): void {
    for (const [response, its] of this.open) if (its === device) response.destroy()
  }

  close(): void {
    for (const response of this.open.keys()) response.end()
  }
}
