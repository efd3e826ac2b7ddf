import { type Remote, wrap } from 'comlink'

/** The worker ended while it was asked something: it could not be fetched, or it ran out of memory, say. */
export class WorkerDied extends Error {
  override readonly name = 'WorkerDied'
}

interface Running<Api> {
  readonly worker: Worker
  readonly remote: Remote<Api>
  /** Never kept, and broken when the worker dies. */
  readonly life: Promise<never>
  end(why: string): void
}

const start = <Api>(create: () => Worker, onStart: (remote: Remote<Api>) => void, onEnd: () => void): Running<Api> => {
  const worker = create()
  let end: (why: string) => void = () => undefined
  const life = new Promise<never>((_, reject) => {
    end = (why) => {
      worker.terminate()
      onEnd()
      reject(new WorkerDied(why))
    }
  })
  life.catch(() => undefined)
  worker.addEventListener('error', (event) => end(event.message || 'the worker could not be started'))
  worker.addEventListener('messageerror', () => end('the worker said what nobody can read'))
  const remote = wrap<Api>(worker)
  onStart(remote)
  return { worker, remote, life, end }
}

/**
 * A worker that is started when it is first asked something. Should it die, whatever it was asked is refused with `WorkerDied` rather
 * than left waiting, and the next question starts another; `onStart` tells each what it has to know beforehand.
 */
export const workerOf = <Api extends object>(
  create: () => Worker,
  onStart: (remote: Remote<Api>) => void = () => undefined,
): { readonly api: Remote<Api>; end(): void } => {
  let running: Running<Api> | undefined
  const alive = (): Running<Api> => {
    running ??= start<Api>(create, onStart, () => (running = undefined))
    return running
  }
  const api = new Proxy(
    {},
    {
      get:
        (_, name: string) =>
        (...args: unknown[]) => {
          const { remote, life } = alive()
          const ask = (remote as unknown as Record<string, (...args: unknown[]) => Promise<unknown>>)[name]
          return Promise.race([ask?.(...args), life])
        },
    },
  ) as Remote<Api>
  return { api, end: () => running?.end('the worker was ended') }
}
