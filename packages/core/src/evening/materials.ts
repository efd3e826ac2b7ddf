import { lengthOf, type Polyline } from '../geometry/polyline.js'
import { rectangle } from '../geometry/rectangle.js'
import { nest, type PieceTurns } from '../nesting/nest.js'
import { blanksFrom } from './blanks.js'
import type { EveningRequest } from './evening-request.js'
import type { LaidOut } from './lays.js'
import type { LayOption } from './options.js'

/** As much of some runs as their material depends on. */
interface RunsOfLay {
  readonly jobIds: readonly string[]
  readonly copies: readonly number[]
  readonly option: LayOption
  readonly laid: LaidOut
}

/** Sheets of one kind that the evening takes. */
export interface SheetsNeeded {
  readonly sheetId: string
  /** Pieces of sheet that are cut to size, and how many of them a leftover gives. */
  readonly blanks: number
  readonly blankMm: readonly [number, number]
  readonly fromLeftovers: number
  readonly perSheet: number
  readonly sheets: number
  readonly inStock: number
  readonly toBuy: number
}

/** What a pad will bear: mm of line, passes counted. */
export interface PadBears {
  readonly plateId: string
  readonly cutMm: number
  readonly passes: number
}

const blankOf = (gapMm: number, { lengthMm, widthMm }: LaidOut, many: boolean): readonly [number, number] => {
  const edgeMm = many ? gapMm : 0
  return [Math.ceil(lengthMm + 2 * Math.max(edgeMm, 2)), Math.ceil(widthMm + 2 * Math.max(edgeMm, 2))]
}

/** How many blanks a leftover gives, cut in rows. */
const blanksOn = (
  [outline, ...holes]: readonly Polyline[],
  [l, w]: readonly [number, number],
  turns: PieceTurns,
): number => {
  if (!outline) return 0
  const blank = { outline: rectangle({ fromX: 0, fromY: 0, toX: l, toY: w }), count: MOST_BLANKS, turns }
  // Rows of boxes come first; what a guillotine cuts is no better.
  const rows = nest({ sheet: { outline, holes }, pieces: [blank], gapMm: 0, edgeMm: 0, seed: 1 }).next()
  return rows.done ? 0 : rows.value.placed.length
}

/** More blanks than anybody cuts from a leftover. */
const MOST_BLANKS = 200

/** The sheets that runs take, in their order: from leftovers first, then from the stock. */
export const sheetsOf = (request: EveningRequest, queued: readonly RunsOfLay[]): SheetsNeeded[] => {
  const stock = new Map<string, number>()
  return queued.map(({ jobIds, option, laid, copies }): SheetsNeeded => {
    const job = request.jobs.find(({ id }) => id === jobIds[0]) as EveningRequest['jobs'][number]
    const mayTurn = job.turns === 'any'
    const blankMm = blankOf(request.gapMm, laid, copies.length > 1 || (copies[0] ?? 1) > 1)
    const blanks = option.runs * option.sheetCount
    const fromLeftovers = Math.min(
      blanks,
      job.leftovers.reduce((sum, loops) => sum + blanksOn(loops, blankMm, job.turns), 0),
    )
    const perSheet = Math.max(1, blanksFrom(job.sheetSizeMm, blankMm, mayTurn))
    const sheets = Math.ceil((blanks - fromLeftovers) / perSheet)
    const inStock = stock.get(job.sheet.id) ?? job.stock
    stock.set(job.sheet.id, Math.max(0, inStock - sheets))
    return {
      sheetId: job.sheet.id,
      blanks,
      blankMm,
      fromLeftovers,
      perSheet,
      sheets,
      inStock,
      toBuy: Math.max(0, sheets - inStock),
    }
  })
}

/** What each bed will bear of some runs. */
export const wearOf = (request: EveningRequest, all: readonly RunsOfLay[]): PadBears[] => {
  const wear = new Map<string, { cutMm: number; passes: number }>()
  for (const { option, jobIds, copies } of all) {
    if (!option.bedId) continue
    const lineMm = jobIds.reduce((sum, id, at) => {
      const lines = request.jobs.find((each) => each.id === id)?.dies.flatMap((die) => die.outline.lines) ?? []
      return sum + (copies[at] as number) * lines.reduce((mm, line) => mm + lengthOf(line), 0)
    }, 0)
    const its = wear.get(option.bedId) ?? { cutMm: 0, passes: 0 }
    const passes = option.runs * option.figures.passes
    wear.set(option.bedId, { cutMm: its.cutMm + passes * lineMm, passes: its.passes + passes })
  }
  return [...wear].map(([plateId, its]) => ({ plateId, ...its }))
}
