import { dieClasses, dieConditions, enteredFeedEnds, measuringWays, shapeJoins } from '@bold-heron/core'
import { z } from 'zod'
import type { Of } from '../plain.js'
import { field, type FieldTable, zodOf } from './field-table.js'
import { idField, nameField, noteField, shelfRowFields, shortTextField } from './fields.js'
import { outlineInput, outlineSummary } from './outline.js'

/** Layers of what a die cuts of a sheet, joined into a shape. */
const gluedUp = z.object({
  dieId: idField,
  sheetId: idField,
  layers: z.int().min(1).max(12),
  join: z.enum(shapeJoins),
})

/** A guide that is kept. */
const guide = z.object({ hangs: shortTextField, made: z.boolean().default(false) })

/** Shapes of one die. */
const MOST_SHAPES = 60

export const dieTable = {
  name: field.text(nameField),
  dieClass: field.choice(z.enum(dieClasses)),
  /** Along the feed and across the throat, as it is usually laid. */
  lengthMm: field.size(),
  widthMm: field.size(),
  heightMm: field.height(),
  heightMeasuredBy: field.choice(z.enum(measuringWays)),
  bladeHeightMm: field.height(),
  /** Strip of the body that follows each blade; null: as usual for the class. */
  bodyStripMm: field.thickness(z.number().min(0).max(20).nullable().default(null)),
  /** How lacy the stand-in for a missing outline is, 0…1; null: as usual for the class. */
  laciness: field.number(z.number().min(0).max(1).nullable().default(null)),
  fitForFoam: field.flag(),
  /** The end of a folder that goes in first; as usual for the class. */
  feedEnd: field.choice(z.enum(enteredFeedEnds).default('usual')),
  /** A new die takes more than one that was used, a blunt one too. */
  condition: field.choice(z.enum(dieConditions).default('used')),
  /** Shapes that one cut of one sheet gives, and how many of them are mirror images of others. */
  pieces: field.whole(z.int().min(1).max(MOST_SHAPES).default(1)),
  mirrored: field.whole(z.int().min(0).max(MOST_SHAPES).default(0)),
  /** How many of it there are: one run cannot lay more. */
  owned: field.whole(z.int().min(1).max(MOST_SHAPES).default(1)),
  /** The die that it lies over: what it cuts is glued onto what that one cuts; null: none. */
  overDieId: field.structure(idField.nullable().default(null)),
  /** Its guide, the negative of it cut of thin contrasting card: where it hangs, and whether it is made; null: none. */
  guide: field.structure(guide.nullable().default(null)),
  /** What a shape is glued up of: layers of what a die cuts; null where nobody noted it. */
  madeOf: field.structure(gluedUp.nullable().default(null)),
  note: field.text(noteField),
} satisfies FieldTable
export const dieFields = zodOf(dieTable)

type DieHeld = Of<z.ZodObject<Pick<typeof dieFields, 'bladeHeightMm' | 'heightMm' | 'pieces' | 'mirrored'>>>

/** Refuses a die whose numbers do not go together, each fault at its field. Of two shapes one may be the other's mirror image: not all of them. */
export const dieHolds = (die: DieHeld, context: z.core.$RefinementCtx<DieHeld>): void => {
  const refuse = (field: keyof DieHeld, message: string) => context.addIssue({ code: 'custom', path: [field], message })
  if (die.bladeHeightMm > die.heightMm) refuse('bladeHeightMm', 'blade-taller-than-die')
  if (die.mirrored >= die.pieces) refuse('mirrored', 'all-mirrored')
}

/** What a user enters for a die, but for its lines. Lengths in mm. */
export const dieEntry = z.object(dieFields).superRefine(dieHolds)
export type DieEntry = Of<typeof dieEntry>

/** What a user enters for a die. Lengths in mm. */
export const dieInput = z
  .object({
    ...dieFields,
    /** Its cutting lines; null takes them away, absent leaves them as they are. */
    outline: outlineInput.nullable().optional(),
  })
  .superRefine(dieHolds)
export type DieInput = Of<typeof dieInput>

export const dieRow = z.object({ ...dieFields, outline: outlineSummary.nullable(), ...shelfRowFields })
export type DieRow = Of<typeof dieRow>
