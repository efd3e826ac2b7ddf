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
import { type OutlineView, viewOf } from '../paths/outline-view.js'

export type TracedView =
  | {
      readonly ok: true
      readonly lines: readonly (readonly number[])[]
      readonly view: OutlineView
      readonly threshold: number
      readonly accuracyMm: number
    }
  | { readonly ok: false; readonly fault: TraceFault }

const trace = {
  trace: (picture: Picture, wish: TraceWish): TracedView => {
    const traced = traceScan(picture, wish)
    if (!traced.ok) return traced
    const { lines, threshold, accuracyMm } = traced
    const view = viewOf(lines)
    return view ? { ok: true, lines, threshold, accuracyMm, view } : { ok: false, fault: 'no-shape' }
  },
  square: (picture: Picture, scale: Scale): SquarePicture | undefined => squareUp(picture, scale),
}
export type TraceWorker = typeof trace

expose(trace)
