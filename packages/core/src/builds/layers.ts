import { factsOfJoin, type LayerJoin } from '../materials/joins.js'

/** A layer of what is built, from the base up. Lengths in mm. */
export interface BuildLayer {
  readonly id: string
  readonly name: string
  /** Thickness of one sheet of it. */
  readonly caliperMm: number
  /** Cut sheets glued into one: plain ones behind a fine one make it firm. */
  readonly sheets: number
  /** How it is joined to what is below. */
  readonly join: LayerJoin
  /** Height of the join where it is not the usual one, such as a foam pad's. */
  readonly joinMm: number | null
  /** On the layer below, let into an opening of it, or behind it, as a film or a flap is behind a window. */
  readonly lies: LayerLie
}

/** How a layer lies to the one before it. */
export const layerLies = ['on', 'in', 'behind'] as const
type LayerLie = (typeof layerLies)[number]

/** A layer in its place: from where to where it reaches, mm above the table, and what is between it and what it lies on. */
interface BuiltLayer {
  readonly id: string
  readonly fromMm: number
  readonly toMm: number
  readonly joinMm: number
  /** How far it stands out of the layer it is let into, mm; below 0 where it lies deeper. 0 for layers that lie on another. */
  readonly proudMm: number
}

export interface BuildSection {
  readonly layers: readonly BuiltLayer[]
  readonly heightMm: number
  /** How long its glue dries altogether, one layer after the other, minutes. */
  readonly dryingMinutes: number
}

/** mm. What the wet glue between the sheets of one layer adds. */
const BETWEEN_SHEETS_MM = factsOfJoin('wet-glue').heightMm

/** mm. An inlay that stands out by no more than this is flush to the fingertip. From memory. */
export const FLUSH_WITHIN_MM = 0.05

/** Thickness of a layer's sheets with the glue between them, mm. */
const layerMm = ({ caliperMm, sheets }: Pick<BuildLayer, 'caliperMm' | 'sheets'>): number =>
  sheets * caliperMm + (sheets - 1) * BETWEEN_SHEETS_MM

/** mm. Heights nearer than this are one. */
const SAME_MM = 1e-9

/** How long the wet glue of a layer dries, that under it and that between its sheets, minutes. */
const dryingOf = ({ join, sheets }: BuildLayer, at: number): number =>
  (at > 0 ? factsOfJoin(join).dryingMinutes : 0) + (sheets > 1 ? factsOfJoin('wet-glue').dryingMinutes : 0)

const joinMmOf = ({ join, joinMm }: BuildLayer): number => joinMm ?? factsOfJoin(join).heightMm

const raised = (layer: BuiltLayer, byMm: number): BuiltLayer => ({
  ...layer,
  fromMm: layer.fromMm + byMm,
  toMm: layer.toMm + byMm,
})

/**
 * A build in section: its layers in the order they are joined, each on the highest below it, or let into the one below, where it starts from
 * what that one lies on, or behind that one, which it raises. The first lies on the table and is joined to nothing.
 */
export const sectionOf = (layers: readonly BuildLayer[]): BuildSection => {
  const placed: BuiltLayer[] = []
  let topMm = 0
  let floorMm = 0
  let dryingMinutes = 0
  layers.forEach((layer, at) => {
    const joinMm = at === 0 ? 0 : joinMmOf(layer)
    const before = placed[at - 1]
    if (layer.lies === 'behind' && before) {
      const thickMm = layerMm(layer)
      const fromMm = before.fromMm
      placed.forEach((each, which) => {
        if (each.fromMm >= fromMm - SAME_MM) placed[which] = raised(each, thickMm + joinMm)
      })
      placed.push({ id: layer.id, fromMm, toMm: fromMm + thickMm, joinMm, proudMm: 0 })
      topMm += thickMm + joinMm
      floorMm = fromMm
      dryingMinutes += dryingOf(layer, at)
      return
    }
    const isLetIn = layer.lies === 'in' && at > 0
    const fromMm = (isLetIn ? floorMm : topMm) + joinMm
    const toMm = fromMm + layerMm(layer)
    placed.push({ id: layer.id, fromMm, toMm, joinMm, proudMm: isLetIn ? toMm - topMm : 0 })
    if (!isLetIn) floorMm = topMm
    topMm = Math.max(topMm, toMm)
    dryingMinutes += dryingOf(layer, at)
  })
  return { layers: placed, heightMm: topMm, dryingMinutes }
}

/** Pieces of a layer that so many builds want, one of each sheet glued into it. */
export const piecesWanted = (
  builds: number,
  { each, sheets }: { readonly each: number; readonly sheets: number },
): number => builds * each * sheets
