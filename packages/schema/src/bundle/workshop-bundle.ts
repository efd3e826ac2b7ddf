import { dieClasses, type FaceWear, type PadFace, pressClasses, type TechniqueId, techniqueIds } from '@bold-heron/core'
import { z } from 'zod'
import { idField } from '../entered/fields.js'
import { houseRulesInput } from '../entered/house-rules.js'
import { offcutRow } from '../entered/offcut.js'
import { plateRow } from '../entered/plate.js'
import { pressRow } from '../entered/press.js'
import { pressedWhatFields } from '../entered/press-run.js'
import { sheetRow } from '../entered/sheet.js'
import { gapGrid, piecesById } from '../wire/learning.js'
import { dieWithLines } from '../wire/plan-request.js'
import type { BornePad, Bundle } from './bundle.js'

const borneFace = z.object({ passes: z.number(), cutMm: z.number(), zonesMm: z.array(z.number()) })

const { units: _, fractionDenominator: __, ...rules } = houseRulesInput.shape

const { id, sheetId, caliperMm, loops } = offcutRow.shape

/** A bundle as it is sent: what pads bore as plain lists. */
interface SentBundle extends Omit<Bundle, 'padWear'> {
  readonly padWear: readonly SentPad[]
}
interface SentPad extends Omit<BornePad, 'faces'> {
  readonly faces: Readonly<Record<PadFace, SentFace>>
}
interface SentFace extends Omit<FaceWear, 'zonesMm'> {
  readonly zonesMm: readonly number[]
}

/** A workshop as it is taken along: plans are worked out from it where there is no connection. */
export const workshopBundle: z.ZodType<SentBundle> = z.object({
  rules: z.object(rules),
  plates: z.array(plateRow),
  putAway: z.array(idField),
  padWear: z.array(
    z.object({
      plateId: idField,
      columns: z.int(),
      rows: z.int(),
      faces: z.object({ a: borneFace, b: borneFace }),
      bentPasses: z.number(),
    }),
  ),
  presses: z.array(pressRow),
  dies: z.array(dieWithLines),
  sheets: z.array(sheetRow),
  leftovers: z.array(z.object({ id, sheetId, caliperMm, loops })),
  log: z
    .object({
      evidence: z.array(
        z.object({
          runId: idField,
          pressId: idField,
          pressClass: z.enum(pressClasses),
          resist: z.string(),
          dies: z.string().exactOptional(),
          log: gapGrid,
          pieces: piecesById,
        }),
      ),
      tightest: z.array(z.object({ pressId: idField, mm: z.number() })),
      worked: z.array(
        z.object({
          pressId: idField,
          technique: z.enum(techniqueIds as readonly [TechniqueId, ...TechniqueId[]]),
          bladeSide: pressedWhatFields.bladeSide,
          sheetCount: z.int(),
          sheetId: idField,
          dieClass: z.enum(dieClasses),
          plateIds: z.array(z.string()),
        }),
      ),
    })
    .optional(),
})

const withFaces = <Face, Other>(
  { a, b }: Readonly<Record<PadFace, Face>>,
  as: (face: Face) => Other,
): Readonly<Record<PadFace, Other>> => ({ a: as(a), b: as(b) })

/** A bundle as it is sent. */
export const sentBundle = ({ padWear, ...bundle }: Bundle): SentBundle => ({
  ...bundle,
  padWear: padWear.map((pad) => ({
    ...pad,
    faces: withFaces(pad.faces, (face) => ({ ...face, zonesMm: Array.from(face.zonesMm) })),
  })),
})

/** A bundle that was sent. */
export const receivedBundle = ({ padWear, ...bundle }: SentBundle): Bundle => ({
  ...bundle,
  padWear: padWear.map((pad) => ({
    ...pad,
    faces: withFaces(pad.faces, (face) => ({ ...face, zonesMm: Float64Array.from(face.zonesMm) })),
  })),
})
