import {
  type BladeSide,
  type ByHand,
  byHandOf,
  type Die,
  fitFindings,
  insideRim,
  type Fitting,
  type LengthStyle,
  type Placement,
  type Plate,
  readPlacement,
  templateOf,
} from '@bold-heron/core'
import { formats, type Paper, type TemplateWords } from '@bold-heron/formats'
import { expose } from 'comlink'
import { type PlacementView, viewOf } from './view-of.js'

export interface TemplateQuestion {
  readonly placement: Placement
  readonly caliperMm: number
  readonly pads: readonly Plate[]
  readonly blade: BladeSide
  readonly runAt: number | undefined
  readonly inPress: boolean
  readonly guides: boolean
  readonly guideMarginMm: number
  readonly words: TemplateWords
  /** The ending of a format's files. */
  readonly format: string
  readonly paper: Paper
}

let known = new Map<string, Die>()
const dieOf = (id: string): Die | undefined => known.get(id)

const place = {
  /** The dies of the shelf, which everything else goes by. */
  know: (dies: readonly Die[]): void => {
    known = new Map(dies.map((die) => [die.id, die]))
  },

  read: (placement: Placement, caliperMm: number, fitting: Fitting): PlacementView => {
    const reading = readPlacement(placement, dieOf, caliperMm)
    return viewOf(reading, fitFindings(placement, reading.runs, dieOf, fitting))
  },

  /** The shape of a block that presses a die's inside but not its outer blade; empty where the die is too small, or not known. */
  rim: (dieId: string): number[][] => insideRim(dieOf(dieId)?.outline.lines ?? []),

  /** What laying it by a ruler does to it. */
  byHand: (placement: Placement, caliperMm: number, style: LengthStyle): ByHand =>
    byHandOf(placement, dieOf, caliperMm, style),

  /** A template as a file's content. */
  template: async (question: TemplateQuestion): Promise<string | ArrayBuffer> => {
    const { placement, caliperMm, pads, blade, runAt, inPress, guides, guideMarginMm, words, format, paper } = question
    const lines = templateOf(
      placement,
      readPlacement(placement, dieOf, caliperMm),
      (id) => pads.find((pad) => pad.id === id),
      { runAt, inPress, blade, guides, guideMarginMm },
    )
    const write = await formats.find(({ ending }) => ending === format)?.template?.()
    if (!write) throw new Error(`a template cannot be written as ${format}`)
    return write(lines, words, paper)
  },
}
export type PlaceWorker = typeof place

expose(place)
