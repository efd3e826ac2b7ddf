import { fileURLToPath } from 'node:url'
import { type Refusal, Refused } from '../refusals/refusal.js'
import { Pool } from '../threads/pool.js'
import { type AnswerOf, type InputOf, type Lane, type TaskName, tasks, turns } from './tasks.js'

/** What a thread tells while it is at a task. */
export type Told = { readonly is: 'share'; readonly share: number } | { readonly is: 'part'; readonly part: Uint8Array }

/** How a task ended. Faults of the database and of what was sent cross threads as what is to be said of them. */
export type Outcome =
  { readonly is: 'made'; readonly made: unknown } | { readonly is: 'refused'; readonly refusal: Refusal }

/** How a task is minded while it is done. */
export interface Minding {
  /** Gives it up. */
  readonly signal?: AbortSignal | undefined
  /** Hears how far it is (0…1). */
  readonly onProgress?: ((share: number) => void) | undefined
  /** Hears every part of what is made, where a task gives that away by parts. */
  readonly onPart?: ((part: Uint8Array) => void) | undefined
  /** ms from its turn on, after which it is ended and fails with TookTooLong. */
  readonly deadlineMs?: number | undefined
}

/** Lanes in which people stand. */
const WAITED_FOR: ReadonlySet<Lane> = new Set<Lane>(['quick', 'people', 'cores'])

/** The worker as it was built beside this file, or its source with a loader. */
const WORKER = import.meta.url.endsWith('.ts') ? './start-worker.mjs' : './worker.js'

/** The server's heavy work: every task on a thread of a pool, so that requests are answered meanwhile. */
export class Work {
  private readonly pool = new Pool<Lane>(fileURLToPath(new URL(WORKER, import.meta.url)), turns)

  private waitedFor = 0
  private readonly whenQuiet = new Set<() => void>()

  /** Does a task when its turn comes. */
  async run<Name extends TaskName>(
    name: Name,
    input: InputOf<Name>,
    { signal, onProgress, onPart, deadlineMs }: Minding = {},
  ): Promise<AnswerOf<Name>> {
    const onTold = (told: unknown): void => {
      const said = told as Told
      if (said.is === 'share') onProgress?.(said.share)
      else onPart?.(said.part)
    }
    const { lane } = tasks[name]
    const isWaitedFor = WAITED_FOR.has(lane)
    if (isWaitedFor) this.waitedFor++
    let outcome: Outcome
    try {
      outcome = (await this.pool.run(lane, name, input, { signal, onTold, deadlineMs })) as Outcome
    } finally {
      if (isWaitedFor && --this.waitedFor === 0) this.tellQuiet()
    }
    if (outcome.is === 'refused') throw new Refused(outcome.refusal)
    return outcome.made as AnswerOf<Name>
  }

  /** Resolves when nobody waits for anything that is being done. */
  quiet(): Promise<void> {
    return this.waitedFor === 0
      ? Promise.resolve()
      : new Promise((resolve) => {
          this.whenQuiet.add(resolve)
        })
  }

  async close(): Promise<void> {
    await this.pool.close()
    this.tellQuiet()
  }

  private tellQuiet(): void {
    for (const told of this.whenQuiet) told()
    this.whenQuiet.clear()
  }
}
