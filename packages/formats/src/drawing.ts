import { boxAround, type Fault, failed, joinLines, ok, type Polyline, type Result } from '@bold-heron/core'
import { type DrawingFaultCode, type DrawingNote, limits, Refusal } from './fault.js'

/** A drawing read: its lines in mm as drawn, and what was passed over or assumed. */
export interface Drawing {
  readonly lines: readonly Polyline[]
  /** The same before ends that meet were joined: a line for each path or part of one, in the order of the document. */
  readonly drawn: readonly Polyline[]
  readonly notes: readonly DrawingNote[]
}

/** mm. Curves are flattened so that no chord strays further from them. */
export const CURVE_TOLERANCE_MM = 0.05

/** mm. Ends nearer than this belong together: drawings are rounded to a few decimals. */
const JOIN_MM = 0.01

/** Collects lines while a drawing is read, and keeps count of their points. */
export class LineCollector {
  readonly lines: number[][] = []
  readonly notes = new Set<DrawingNote>()
  private points = 0
  private segments = 0

  /** Counts work: every segment parsed, whatever comes of it. */
  spend(segments: number, path: string): void {
    this.segments += segments
    if (this.segments > limits.segments) throw new Refusal('too-much-work', path, this.segments, limits.segments)
  }

  add(line: number[], path: string): void {
    if (line.length < 4) return
    this.points += line.length / 2
    if (this.points > limits.points) throw new Refusal('too-many-points', path, this.points, limits.points)
    for (const value of line)
      if (!(Math.abs(value) <= limits.sizeMm * 100)) throw new Refusal('coordinates-unreasonable', path, String(value))
    this.lines.push(line)
  }

  finish(): Drawing {
    const box = boxAround(this.lines)
    if (!box) throw new Refusal('no-lines', '')
    const size = Math.max(box.toX - box.fromX, box.toY - box.fromY)
    if (size > limits.sizeMm)
      throw new Refusal('coordinates-unreasonable', '', `${Math.round(size)} mm`, `${limits.sizeMm} mm`)
    if (size === 0) throw new Refusal('no-lines', '')
    return { lines: joinLines(this.lines, JOIN_MM), drawn: this.lines, notes: [...this.notes] }
  }
}

/** Refuses what is no text of a reasonable size before any parser sees it. */
export const checkText = (text: string): void => {
  if (text.trim() === '') throw new Refusal('file-empty', '')
  if (text.length > limits.fileSize) throw new Refusal('file-too-large', '', text.length, limits.fileSize)
  if (text.startsWith('PK\u0003\u0004') || text.startsWith('\u001f\ufffd') || text.startsWith('\u001f\u008b'))
    throw new Refusal('file-packed', '')
}

/** Runs a reader and turns a refusal into a fault; anything else that a parser throws is the file's, not ours. */
export const reading = (read: () => Drawing, otherwise: DrawingFaultCode): Result<Drawing, DrawingFaultCode> => {
  try {
    return ok(read())
  } catch (error) {
    if (error instanceof Refusal) {
      const fault: Fault<DrawingFaultCode> = {
        code: error.code,
        path: error.path,
        ...(error.value === undefined ? {} : { value: error.value }),
        ...(error.limit === undefined ? {} : { limit: error.limit }),
      }
      return failed(fault)
    }
    return failed({ code: otherwise, path: '', value: (error as Error).message.slice(0, 120) })
  }
}
