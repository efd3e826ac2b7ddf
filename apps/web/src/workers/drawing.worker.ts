import {
  type DieClass,
  type Fault,
  partingPlaces,
  type Polyline,
  standInOutline,
  type TemplateLine,
} from '@bold-heron/core'
import {
  type ChartPaper,
  chartWriter,
  type DrawingFaultCode,
  type DrawingNote,
  type Format,
  formatOf,
  formats,
  type Paper,
  type PrintedChart,
  readDrawing,
  type TemplateWords,
} from '@bold-heron/formats'
import { expose } from 'comlink'
import { type OutlineView, viewOf } from '../paths/outline-view.js'

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

/** Everything here counts y downwards: a drawing that counts it upwards is turned over, so that it looks as it was drawn. */
const asDrawn = (format: Format | undefined, lines: readonly Polyline[]): readonly Polyline[] =>
  format?.y === 'up' ? lines.map((line) => Array.from(line, (mm, at) => (at % 2 === 1 ? -mm : mm))) : lines

const drawing = {
  read: async (fileName: string, text: string): Promise<ReadOutline> => {
    const read = await readDrawing(fileName, text)
    if (!read.ok) return { ok: false, fault: read.fault }
    const lines = asDrawn(formatOf(fileName), read.value.lines).map(rounded)
    const view = viewOf(lines)
    if (!view) return { ok: false, fault: { code: 'no-lines', path: '' } }
    return { ok: true, lines, notes: read.value.notes, view }
  },
  view: viewOf,
  /** Where a collage of connected pieces is parted. */
  parting: partingPlaces,
  standIn: (dieClass: DieClass, lengthMm: number, widthMm: number, laciness: number) =>
    viewOf(standInOutline(dieClass, lengthMm, widthMm, laciness).lines),
  /** The text of a drawing; the name of its file says in what format. */
  write: async (fileName: string, lines: readonly Polyline[], title: string): Promise<string> => {
    const format = formatOf(fileName)
    const write = await format?.write?.()
    if (!write) throw new Error(`a drawing cannot be written as ${fileName}`)
    return write(asDrawn(format, lines), title)
  },
  /** A template of true size as a file's content; the ending of a format's files says which. */
  template: async (
    lines: readonly TemplateLine[],
    words: TemplateWords,
    ending: string,
    paper: Paper,
  ): Promise<string | ArrayBuffer> => {
    const write = await formats.find((format) => format.ending === ending)?.template?.()
    if (!write) throw new Error(`a template cannot be written as ${ending}`)
    return write(lines, words, paper)
  },
  /** A wall chart as a PDF's content; `pages` says how a page is numbered, with {{page}} and {{of}} in it. */
  chart: async (chart: Omit<PrintedChart, 'page'>, pages: string, paper: ChartPaper): Promise<ArrayBuffer> => {
    const write = await chartWriter()
    const page = (at: number, of: number): string => pages.replace('{{page}}', `${at}`).replace('{{of}}', `${of}`)
    return write({ ...chart, page }, paper)
  },
}
export type DrawingWorker = typeof drawing

expose(drawing)
