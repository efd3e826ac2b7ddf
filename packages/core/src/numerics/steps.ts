/** Work that is done in slices: yields how far it is (0…1) and returns what it made. The caller may stop between slices. */
export type Steps<Made> = Generator<number, Made, void>

/** Runs steps to their end at once. */
export const finish = <Made>(steps: Steps<Made>): Made => {
  for (;;) {
    const step = steps.next()
    if (step.done) return step.value
  }
}

/** Steps as a part of others, from one share of the way to another. */
export function* within<Made>(steps: Steps<Made>, [from, to]: readonly [number, number]): Steps<Made> {
  for (;;) {
    const step = steps.next()
    if (step.done) return step.value
    yield from + (to - from) * step.value
  }
}

/** Tells shares of the way only where they are a hundredth further on. */
export const inHundredths = (onProgress: (share: number) => void): ((share: number) => void) => {
  let told = -1
  return (share) => {
    if (share - told < 0.01) return
    told = share
    onProgress(share)
  }
}

/** What stands around work in slices: letting others have a turn, hearing that it is given up, telling how far it is. */
export interface SliceKeeper {
  breathe(): Promise<void>
  isCancelled(): boolean
  onProgress(share: number): void
}

/** Runs steps slice by slice; undefined where it was given up between two of them. */
export const runInSlices = async <Made>(steps: Steps<Made>, keeper: SliceKeeper): Promise<Made | undefined> => {
  const tell = inHundredths((share) => keeper.onProgress(share))
  for (;;) {
    await keeper.breathe()
    if (keeper.isCancelled()) return undefined
    const step = steps.next()
    if (step.done) return step.value
    tell(step.value)
  }
}
