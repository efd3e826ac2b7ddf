import type { HeavyAnswers, HeavyTask } from './heavy-task.js'

/** What the server says to its worker thread. */
export type ToHeavyWorker =
  | { readonly is: 'task'; readonly id: number; readonly task: HeavyTask }
  | { readonly is: 'cancel'; readonly id: number }

/** What the worker thread says back. */
export type FromHeavyWorker =
  | { readonly is: 'progress'; readonly id: number; readonly share: number }
  | { readonly is: 'done'; readonly id: number; readonly answer: HeavyAnswers[keyof HeavyAnswers] }
  | { readonly is: 'cancelled'; readonly id: number }
  | { readonly is: 'failed'; readonly id: number; readonly message: string }
