import type { EveningAnswer, EveningPinsInput } from '@bold-heron/schema'

/** A batch dragged to another place of its queue: right after what stands before it there, on that press. Pins that it contradicts are let go. */
export const draggedTo = (
  pins: EveningPinsInput,
  queue: EveningAnswer['queues'][number],
  from: number,
  to: number,
): EveningPinsInput => {
  const ids = queue.runs.map(({ batchId }) => batchId)
  const [moved] = ids.splice(from, 1)
  if (moved === undefined) return pins
  const before = ids[to - 1] ?? null
  const kept = Object.entries(pins.after).filter(([id, after]) => id !== moved && after !== moved && after !== before)
  return {
    ...pins,
    pressOf: { ...pins.pressOf, [moved]: queue.pressId },
    after: { ...Object.fromEntries(kept), [moved]: before },
  }
}

/** A batch fixed to a press; where it stood in a queue is let go. */
export const fixedTo = (pins: EveningPinsInput, batchId: string, pressId: string): EveningPinsInput => ({
  ...pins,
  pressOf: { ...pins.pressOf, [batchId]: pressId },
  after: Object.fromEntries(Object.entries(pins.after).filter(([id, after]) => id !== batchId && after !== batchId)),
})

export const forbidding = (pins: EveningPinsInput, stack: string): EveningPinsInput => ({
  ...pins,
  forbidden: [...pins.forbidden, stack],
})

/** Everything about a batch let go. */
export const letGo = (pins: EveningPinsInput, batchId: string): EveningPinsInput => {
  const { [batchId]: _, ...pressOf } = pins.pressOf
  const { [batchId]: __, ...after } = pins.after
  return { ...pins, pressOf, after }
}

export const isPinned = (pins: EveningPinsInput, batchId: string): boolean =>
  batchId in pins.pressOf || batchId in pins.after

export const hasPins = ({ pressOf, after, forbidden }: EveningPinsInput): boolean =>
  forbidden.length + Object.keys(pressOf).length + Object.keys(after).length > 0

export const noPinsAtAll: EveningPinsInput = { pressOf: {}, after: {}, forbidden: [] }
