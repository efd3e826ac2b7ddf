import { type JobRow, runInHandOf } from '@bold-heron/schema'
import { useEffect, useState, useSyncExternalStore } from 'react'
import type { JobStep } from './job-address.js'
import { kept } from './kept/keeping.js'

/** Where a session at the Bench is kept in the browser: one for each press run of a job. */
export const benchKey = (job: JobRow): string => `${job.id}/${runInHandOf(job).id}`
export const BENCH_PREFIX = 'bench/'

const listeners = new Set<() => void>()
let changes = 0

/** Tells that a session at the Bench was begun, or given up. */
export const tellBenchChanged = (): void => {
  changes++
  for (const listener of listeners) listener()
}

const subscribe = (listener: () => void): (() => void) => {
  listeners.add(listener)
  return () => void listeners.delete(listener)
}

/** Whether the run in hand of a job is under way at the Bench here; undefined until it was looked for. */
export const useUnderWay = (job: JobRow | undefined): boolean | undefined => {
  const at = useSyncExternalStore(subscribe, () => changes)
  const [found, setFound] = useState<{ readonly key: string; readonly is: boolean }>()
  const key = job && benchKey(job)
  useEffect(() => {
    if (key === undefined) return undefined
    let left = false
    const tell = (is: boolean) => {
      if (!left) setFound({ key, is })
    }
    kept.read(BENCH_PREFIX + key).then(
      (session) => tell(session !== undefined),
      () => tell(false),
    )
    return () => {
      left = true
    }
  }, [key, at])
  return found && found.key === key ? found.is : undefined
}

/** How far the steps of a job are. */
export type StepState = 'kept' | 'open' | 'laid' | 'as-it-lies' | 'border' | 'under-way' | 'waiting'

export const stateOfPlan = (job: JobRow): StepState => (runInHandOf(job).layers.length > 0 ? 'kept' : 'open')
export const stateOfPlace = (job: JobRow): StepState =>
  job.card ? 'laid' : runInHandOf(job).border ? 'border' : 'as-it-lies'

/** The step with which a job goes on: the Bench where it was begun, or where a stack is kept, else the plan; of one that is done the log. */
export const nextStepOf = (job: JobRow, isUnderWay: boolean): JobStep =>
  isUnderWay ? 'bench' : job.state === 'done' ? 'log' : stateOfPlan(job) === 'kept' ? 'bench' : 'plan'
