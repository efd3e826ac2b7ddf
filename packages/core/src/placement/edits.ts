import type { EdgeLine, LaidBlock, LaidDie, Motif, PlacedRun, Placement } from './placed-run.js'

/** Something that lies on a card. */
export type LaidThing =
  | { readonly is: 'die'; readonly id: string }
  | { readonly is: 'block'; readonly id: string }
  | { readonly is: 'line' }
  | { readonly is: 'motif' }

/** A name for it among all that lies on the card. */
export const keyOfThing = (thing: LaidThing): string => ('id' in thing ? `${thing.is} ${thing.id}` : thing.is)

/** A change of a placement: what it makes of one. */
export type Edit = (placement: Placement) => Placement

/** Changes the run in hand. */
export const editRun =
  (change: (run: PlacedRun) => PlacedRun): Edit =>
  (placement) => ({
    ...placement,
    runs: placement.runs.map((run, at) => (at === placement.runInHand ? change(run) : run)),
  })

/** Changes a die of the run in hand. */
export const editDie = (id: string, change: Partial<LaidDie>): Edit =>
  editRun((run) => ({ ...run, dies: run.dies.map((die) => (die.id === id ? { ...die, ...change } : die)) }))

/** Changes a press block of the run in hand. */
export const editBlock = (id: string, change: Partial<LaidBlock>): Edit =>
  editRun((run) => ({ ...run, blocks: run.blocks.map((block) => (block.id === id ? { ...block, ...change } : block)) }))

/** Changes the pencil line of the run in hand. */
export const editLine = (change: Partial<EdgeLine>): Edit =>
  editRun((run) => ({ ...run, line: run.line && { ...run.line, ...change } }))

/** Changes the motif. */
export const editMotif =
  (change: Partial<Motif>): Edit =>
  (placement) => ({ ...placement, motif: placement.motif && { ...placement.motif, ...change } })

/** Hundredths of a millimetre: finer than any hand. */
const rounded = (mm: number): number => Math.round(mm * 100) / 100

const moved = <Where extends { readonly xMm: number; readonly yMm: number }>(where: Where, dx: number, dy: number) => ({
  xMm: rounded(where.xMm + dx),
  yMm: rounded(where.yMm + dy),
})

/** Moves a thing by so many mm on the card. */
export const moveThing =
  (thing: LaidThing, dx: number, dy: number): Edit =>
  (placement) => {
    const run = placement.runs[placement.runInHand]
    if (thing.is === 'motif') return placement.motif ? editMotif(moved(placement.motif, dx, dy))(placement) : placement
    if (thing.is === 'line') return run?.line ? editLine(moved(run.line, dx, dy))(placement) : placement
    const laid = (thing.is === 'die' ? run?.dies : run?.blocks)?.find((each) => each.id === thing.id)
    if (!laid) return placement
    return (thing.is === 'die' ? editDie : editBlock)(thing.id, moved(laid, dx, dy))(placement)
  }

const HALF_TURN = 180
const FULL_TURN = 360

/** Turns a thing by so many degrees. */
export const turnThing =
  (thing: LaidThing, degrees: number): Edit =>
  (placement) => {
    const run = placement.runs[placement.runInHand]
    const within = (angle: number): number => ((((angle + HALF_TURN) % FULL_TURN) + FULL_TURN) % FULL_TURN) - HALF_TURN
    if (thing.is === 'line')
      return run?.line ? editLine({ angleDeg: within(run.line.angleDeg + degrees) })(placement) : placement
    if (thing.is === 'motif')
      return placement.motif
        ? editMotif({ rotationDeg: within(placement.motif.rotationDeg + degrees) })(placement)
        : placement
    const laid = (thing.is === 'die' ? run?.dies : run?.blocks)?.find((each) => each.id === thing.id)
    if (!laid) return placement
    return (thing.is === 'die' ? editDie : editBlock)(thing.id, { rotationDeg: within(laid.rotationDeg + degrees) })(
      placement,
    )
  }

/** Takes a thing away. */
export const takeThing =
  (thing: LaidThing): Edit =>
  (placement) => {
    if (thing.is === 'motif') return { ...placement, motif: null }
    if (thing.is === 'line') return placement
    return editRun((run) =>
      thing.is === 'die'
        ? { ...run, dies: run.dies.filter((die) => die.id !== thing.id) }
        : { ...run, blocks: run.blocks.filter((block) => block.id !== thing.id) },
    )(placement)
  }

/** A name among the things of a placement that is not taken yet. */
export const freshId = (placement: Placement, kind: string): string => {
  const taken = new Set([
    ...placement.runs.map((run) => run.id),
    ...placement.runs.flatMap((run) => [...run.dies, ...run.blocks].map((each) => each.id)),
  ])
  let count = 1
  while (taken.has(`${kind} ${count}`)) count++
  return `${kind} ${count}`
}

/** mm. A click so near to a mark takes it back. */
const MARK_MM = 5

/** Marks a spot of the card that is to fall out, or takes the mark back that lies there already. */
export const markSpot =
  (xMm: number, yMm: number): Edit =>
  (placement) => {
    const { waste, card } = placement
    const near = waste.findIndex((spot) => Math.hypot(spot.xMm - xMm, spot.yMm - yMm) < MARK_MM)
    if (near >= 0) return { ...placement, waste: waste.filter((_, at) => at !== near) }
    if (xMm < 0 || yMm < 0 || xMm > card.widthMm || yMm > card.heightMm) return placement
    return { ...placement, waste: [...waste, { xMm, yMm }] }
  }
