/** Ways to join a layer to the one below. */
export const layerJoins = [
  'wet-glue',
  'middle-only',
  'dots',
  'tape',
  'adhesive-sheet',
  'foam-pad',
  'hinge',
  'loose',
] as const
export type LayerJoin = (typeof layerJoins)[number]

interface JoinFacts {
  /** What it adds to the height, mm. */
  readonly heightMm: number
  /** How long it dries before the work goes on, minutes. */
  readonly dryingMinutes: number
}

/** From memory; a caliper on the finished piece is surer. Foam pads are 1 to 2 mm thick. */
const facts: Readonly<Record<LayerJoin, JoinFacts>> = {
  'wet-glue': { heightMm: 0.02, dryingMinutes: 20 },
  // The edges stay free, to be bent up.
  'middle-only': { heightMm: 0.02, dryingMinutes: 20 },
  // Drops that are not pressed flat, where spread glue would show through lace.
  dots: { heightMm: 0.3, dryingMinutes: 20 },
  tape: { heightMm: 0.05, dryingMinutes: 0 },
  'adhesive-sheet': { heightMm: 0.1, dryingMinutes: 0 },
  'foam-pad': { heightMm: 1.5, dryingMinutes: 0 },
  // A strip of tape or a folded lip along one edge, on which a flap opens.
  hinge: { heightMm: 0.1, dryingMinutes: 0 },
  loose: { heightMm: 0, dryingMinutes: 0 },
}

/** What joining a layer adds to the height, and how long it dries. */
export const factsOfJoin = (join: LayerJoin): JoinFacts => facts[join]
