import { type DieClass, type Fault, type Polyline, standInOutline } from '@bold-heron/core'
import { type DrawingFaultCode, type DrawingNote, readDrawing, writeDxf, writeSvg } from '@bold-heron/formats'
import { expose } from 'comlink'
import { type OutlineView, viewOf } from '../drawing/outline/outline-view.js'

export type ReadOutline =
  | {
      readonly ok: true
      readonly lines: readonly (readonly number[])[]
      readonly notes: readonly DrawingNote[]
      readonly view: OutlineView
    }
  | { readonly ok: false; readonly fault: Fault<DrawingFaultCode> }

/** Micrometres: finer than any die is made, and shorter to send. */
const rounded = (line: Polyline): number[] => Array.from(line, (mm) => Math.round(mm * 1000) / 1000)

/** DXF counts y upwards, everything here downwards; turned over, a drawing looks as it was drawn. */
const turnedOver = (line: Polyline): number[] => Array.from(line, (mm, at) => (at % 2 === 1 ? -mm : mm))

const isDxf = (fileName: string): boolean => fileName.toLowerCase().endsWith('.dxf')

const drawing = {
  read: (fileName: string, text: string): ReadOutline => {
    const read = readDrawing(fileName, text)
    if (!read.ok) return { ok: false, fault: read.fault }
    const lines = (isDxf(fileName) ? read.value.lines.map(turnedOver) : read.value.lines).map(rounded)
    const view = viewOf(lines)
    if (!view) return { ok: false, fault: { code: 'no-lines', path: '' } }
    return { ok: true, lines, notes: read.value.notes, view }
  },
  view: viewOf,
  standIn: (dieClass: DieClass, lengthMm: number, widthMm: number, laciness: number) =>
    viewOf(standInOutline(dieClass, lengthMm, widthMm, laciness).lines),
  write: (format: 'svg' | 'dxf', lines: readonly Polyline[], title: string): string =>
    format === 'svg' ? writeSvg(lines, title) : writeDxf(lines.map(turnedOver)),
}
export type DrawingWorker = typeof drawing

expose(drawing)
