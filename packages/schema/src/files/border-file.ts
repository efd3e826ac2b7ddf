import { type BorderWanted, borderMargins, exactLengths, planBorder } from '@bold-heron/core'
import { z } from 'zod'
import { borderCanBeCut, borderFields } from '../entered/border-of-run.js'
import type { Of } from '../plain.js'

const format = z.literal('bold-heron/border')

/** Margins are about what is wanted, as they were before one could say. */
const version1 = z.object({ format, version: z.literal(1), ...borderFields })
const version2 = z.object({
  format,
  version: z.literal(2),
  ...borderFields,
  margins: z.enum(borderMargins).default('hard'),
})

/** Asks how a border is joined from a die that is shorter than it. Format `bold-heron/border`, versions 1 and 2; lengths in mm. */
export const borderFile = z
  .discriminatedUnion('version', [version1, version2], { error: '1, 2' })
  .superRefine((file, context) => borderCanBeCut(wantedOfBorder(file), context))

/** The border that a file asks for. */
const wantedOfBorder = (file: Of<typeof version1> | Of<typeof version2>): BorderWanted =>
  file.version === 1 ? { ...file, margins: 'about' } : file

export const borderAnswer = z.object({
  cuts: z.array(z.object({ atMm: z.number(), shiftPitches: z.int() })),
  endMissMm: z.number(),
  misfitMm: z.array(z.number()),
  lengthensMm: z.number(),
  /** Of version 2: the nearest strip lengths, at most as long and longer, whose border meets both margins exactly. */
  exactLengthsMm: z.array(z.number()).optional(),
})
export type BorderAnswer = Of<typeof borderAnswer>

/** How the border of a file is joined. */
export const answerOfBorder = (file: Of<typeof borderFile>): BorderAnswer => {
  const wanted = wantedOfBorder(file)
  const border = planBorder(wanted)
  return file.version === 1 ? border : { ...border, exactLengthsMm: exactLengths(wanted) }
}
