import { boxAround, measureOutline } from '@bold-heron/core'
import {
  type Picture,
  type Scale,
  squareUp,
  type SquarePicture,
  type TraceFault,
  traceScan,
  type TraceWish,
} from '@bold-heron/formats'
import { expose } from 'comlink'
import type { OutlineView } from './drawing.worker.js'

export type TracedView =
  | {
      readonly ok: true
      readonly lines: readonly (readonly number[])[]
      readonly view: OutlineView
      readonly threshold: number
      readonly accuracyMm: number
    }
  | { readonly ok: false; readonly fault: TraceFault }

const pathOf = (line: readonly number[]): string => {
  let d = ''
  for (let at = 0; at + 1 < line.length; at += 2) d += `${at === 0 ? 'M' : 'L'}${line[at]} ${line[at + 1]}`
  return `${d}Z`
}

const trace = {
  trace: (picture: Picture, wish: TraceWish): TracedView => {
    const traced = traceScan(picture, wish)
    if (!traced.ok) return traced
    const { lines, threshold, accuracyMm } = traced
    const box = boxAround(lines)
    const measures = measureOutline(lines)
    if (!box || !measures) return { ok: false, fault: 'no-shape' }
    return {
      ok: true,
      lines,
      threshold,
      accuracyMm,
      view: {
        d: lines.map(pathOf).join(''),
        box: { x: box.fromX, y: box.fromY, width: box.toX - box.fromX, height: box.toY - box.fromY },
        measures,
      },
    }
  },
  square: (picture: Picture, scale: Scale): SquarePicture | undefined => squareUp(picture, scale),
}
export type TraceWorker = typeof trace

expose(trace)
