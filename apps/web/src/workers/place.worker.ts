import {
  type BladeSide,
  boxAround,
  type ByHand,
  byHandOf,
  type CardPiece,
  type Crease,
  type Die,
  fitFindings,
  insideRim,
  type Fitting,
  type Hinge,
  type KnifeCut,
  type LengthStyle,
  type Placement,
  type PlacementFinding,
  type Plate,
  readPlacement,
  templateOf,
} from '@bold-heron/core'
import { formats, type Paper, type TemplateWords } from '@bold-heron/formats'
import { expose } from 'comlink'
import { pathOf, pathOfAll } from '../paths/line-path.js'

/** What one die does, ready to be drawn. */
export interface DieView {
  readonly laidId: string
  readonly dieName: string
  readonly cut: string
  readonly left: string
  readonly off: string
  readonly cutMm: number
  readonly leftMm: number
  readonly hinges: readonly Hinge[]
}

/** A placement as it reads, with its lines as paths. */
export interface PlacementView {
  readonly runs: readonly { readonly runId: string; readonly dies: readonly DieView[] }[]
  readonly cutMm: number
  readonly knife: {
    readonly cuts: readonly (Omit<KnifeCut, 'line'> & { readonly d: string })[]
    readonly totalMm: number
    readonly frees: boolean
  }
  readonly pieces: readonly (Pick<CardPiece, 'is' | 'areaMm2' | 'spot'> & {
    readonly d: string
    readonly widthMm: number
    readonly heightMm: number
  })[]
  readonly crease: (Pick<Crease, 'leftMm' | 'ofMm' | 'joins'> & { readonly d: string }) | null
  readonly findings: readonly PlacementFinding[]
}

export interface TemplateQuestion {
  readonly placement: Placement
  readonly caliperMm: number
  readonly pads: readonly Plate[]
  readonly blade: BladeSide
  readonly runAt: number | undefined
  readonly inPress: boolean
  readonly guides: boolean
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
    return {
      runs: reading.runs.map(({ run, dies }) => ({
        runId: run.id,
        dies: dies.map(({ laid, dieName, cut, left, off, cutMm, leftMm, hinges }) => ({
          laidId: laid.id,
          dieName,
          cut: pathOfAll(cut),
          left: pathOfAll(left),
          off: pathOfAll(off),
          cutMm,
          leftMm,
          hinges,
        })),
      })),
      cutMm: reading.cutMm,
      knife: {
        ...reading.knife,
        cuts: reading.knife.cuts.map(({ line, how, lengthMm }) => ({ d: pathOf(line), how, lengthMm })),
      },
      pieces: reading.pieces.map(({ is, areaMm2, spot, outer, holes }) => {
        const box = boxAround([outer])
        return {
          is,
          areaMm2,
          spot,
          d: pathOfAll([outer, ...holes]),
          widthMm: box ? box.toX - box.fromX : 0,
          heightMm: box ? box.toY - box.fromY : 0,
        }
      }),
      crease: reading.crease
        ? {
            leftMm: reading.crease.leftMm,
            ofMm: reading.crease.ofMm,
            joins: reading.crease.joins,
            d: pathOfAll(reading.crease.left),
          }
        : null,
      findings: [...reading.findings, ...fitFindings(placement, reading.runs, dieOf, fitting)],
    }
  },

  /** The shape of a block that presses a die's inside but not its outer blade; empty where the die is too small, or not known. */
  rim: (dieId: string): number[][] => insideRim(dieOf(dieId)?.outline.lines ?? []),

  /** What laying it by a ruler does to it. */
  byHand: (placement: Placement, caliperMm: number, style: LengthStyle): ByHand =>
    byHandOf(placement, dieOf, caliperMm, style),

  /** A template as a file's content. */
  template: async (question: TemplateQuestion): Promise<string | ArrayBuffer> => {
    const { placement, caliperMm, pads, blade, runAt, inPress, guides, words, format, paper } = question
    const lines = templateOf(
      placement,
      readPlacement(placement, dieOf, caliperMm),
      (id) => pads.find((pad) => pad.id === id),
      { runAt, inPress, blade, guides },
    )
    const write = await formats.find(({ ending }) => ending === format)?.template?.()
    if (!write) throw new Error(`a template cannot be written as ${format}`)
    return write(lines, words, paper)
  },
}
export type PlaceWorker = typeof place

expose(place)
