import {
  boxAround,
  type DieClass,
  type Fault,
  measureOutline,
  type OutlineMeasures,
  type Polyline,
  standInOutline,
} from '@bold-heron/core'
import { type DrawingFaultCode, type DrawingNote, readDrawing, writeDxf, writeSvg } from '@bold-heron/formats'
import { expose } from 'comlink'

/** Lines ready to be shown: as one path, and what can be measured on them. Lengths in mm. */
export interface OutlineView {
  readonly d: string
  readonly box: { readonly x: number; readonly y: number; readonly width: number; readonly height: number }
  readonly measures: OutlineMeasures
}

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

const pathOf = (line: Polyline): string => {
  let d = ''
  for (let at = 0; at + 1 < line.length; at += 2)
    d += `${at === 0 ? 'M' : 'L'}${(line[at] as number).toFixed(3)} ${(line[at + 1] as number).toFixed(3)}`
  return d
}

const viewOf = (lines: readonly Polyline[]): OutlineView | undefined => {
  const box = boxAround(lines)
  const measures = measureOutline(lines)
  if (!box || !measures) return undefined
  return {
    d: lines.map(pathOf).join(''),
    box: { x: box.fromX, y: box.fromY, width: box.toX - box.fromX, height: box.toY - box.fromY },
    measures,
  }
}

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
