import {
  boxAround,
  type CardPiece,
  type Crease,
  type Hinge,
  type KnifeCut,
  type PlacementFinding,
  type PlacementReading,
} from '@bold-heron/core'
import { pathOf, pathOfAll } from '../paths/line-path.js'

/** What one die does, ready to be drawn. */
interface DieView {
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

/** A placement's reading, ready to be drawn; `more` is found of how it fits the press. */
export const viewOf = (reading: PlacementReading, more: readonly PlacementFinding[] = []): PlacementView => ({
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
  findings: [...reading.findings, ...more],
})
