import type { Polyline, Result, TemplateLine } from '@bold-heron/core'
import type { Drawing } from './drawing.js'
import type { DrawingFaultCode } from './fault.js'
import type { Paper } from './template/paper.js'
import type { TemplateWords } from './template/strokes.js'

/** Reads a drawing's text: its lines in mm as drawn, or what is wrong with it. */
type ReadDrawing = (text: string) => Result<Drawing, DrawingFaultCode>
/** Writes lines (mm, as drawn) under a title. */
type WriteDrawing = (lines: readonly Polyline[], title: string) => string
/** Writes a template (mm, y down) of true size. */
type WriteTemplate = (lines: readonly TemplateLine[], words: TemplateWords, paper: Paper) => string | ArrayBuffer

/** A kind of file, and what it can. What can be done is fetched when it is done, so that to know a format costs nothing. */
export interface Format {
  /** Of its files, without the dot, in small letters. */
  readonly ending: string
  readonly mimeType: string
  /** Which way y counts in a drawing of this format. */
  readonly y: 'down' | 'up'
  readonly read?: () => Promise<ReadDrawing>
  readonly write?: () => Promise<WriteDrawing>
  readonly template?: () => Promise<WriteTemplate>
}
