import { type Die, insideRim, type LaidBlock, type Placement, startPlacement, USUAL_OVERLAP_MM } from '@bold-heron/core'

/** Things of the demo's shelf that its cards are laid out with. */
interface Things {
  readonly padId: string
  readonly blockId: string
  readonly cardId: string
}

const NAMES = ['First press run', 'Second press run']

const asked = (dies: readonly Die[]) => ({
  dies,
  nameOf: (count: number) => NAMES[count - 1] ?? `Press run ${count}`,
  overlapMm: USUAL_OVERLAP_MM,
})

const onPad = (placement: Placement, padId: string): Placement => ({
  ...placement,
  runs: placement.runs.map((run) => ({ ...run, padId })),
})

const withBlock = (placement: Placement, block: LaidBlock, waste: Placement['waste']): Placement => ({
  ...placement,
  waste,
  runs: placement.runs.map((run) => ({ ...run, blocks: [block] })),
})

/** Cards of the weekend that are cut only in part. */
export const demoPlacements = {
  word: (dies: readonly Die[], { padId }: Things) => onPad(startPlacement('word-on-fold', asked(dies)), padId),

  // The sky beside the tower comes away.
  window: (dies: readonly Die[], { padId }: Things) => onPad(startPlacement('window', asked(dies)), padId),

  halves: (dies: readonly Die[]) => startPlacement('half-on-fold', asked(dies)),

  corner: (dies: readonly Die[], { blockId }: Things) => {
    const placement = startPlacement('block', asked(dies))
    const { widthMm, heightMm } = placement.card
    const block: LaidBlock = {
      id: 'block 1',
      xMm: widthMm / 2 + 50,
      yMm: heightMm / 2 - 45,
      rotationDeg: 0,
      material: { is: 'plate', plateId: blockId },
      widthMm: 100,
      heightMm: 75,
      outline: null,
    }
    return withBlock(placement, block, [])
  },

  rim: (dies: readonly Die[], { cardId }: Things) => {
    const start = startPlacement('block', asked(dies))
    const card = { widthMm: 210, heightMm: 148, fold: null }
    const place = { xMm: 105, yMm: 74, rotationDeg: 0 }
    const [die] = dies
    const block: LaidBlock = {
      id: 'block 1',
      ...place,
      material: { is: 'cards', sheetId: cardId },
      widthMm: 196,
      heightMm: 136,
      outline: insideRim(die?.outline.lines ?? []),
    }
    const runs = start.runs.map((run) => ({
      ...run,
      leads: 'left' as const,
      dies: run.dies.map((laid) => ({ ...laid, ...place })),
    }))
    return withBlock({ ...start, card, runs }, block, [])
  },
} satisfies Record<string, (dies: readonly Die[], things: Things) => Placement>

export type DemoPlacementKey = keyof typeof demoPlacements
