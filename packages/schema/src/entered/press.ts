import { dieClasses, gapSources, knownFeels, LOWEST_MIDDLE_MM, pressClasses } from '@bold-heron/core'
import { z } from 'zod'
import type { Of } from '../plain.js'
import { feltGapOfPress } from './felt-gap.js'
import { field, type FieldTable, zodOf } from './field-table.js'
import { nameField, noteField, setPlateField, shelfRowFields, thicknessMmField } from './fields.js'
import { pressedHowFields, pressedWhatFields } from './press-run.js'

/** Where a known-good stack is known from. */
export const knownFrom = ['booklet', 'own-use'] as const

/** A stack that does well on a press with the handle feeling normal. Lengths in mm. */
export const knownGoodStack = z.object({
  from: z.enum(knownFrom),
  /** What it is for, and in how many passes it does it: 1, 2, or 3 and more; null where nobody knows: as many as are usual. */
  technique: pressedHowFields.technique,
  passes: z.int().min(1).max(20).nullable().default(null),
  bladeSide: pressedWhatFields.bladeSide.default('down'),
  /** How the handle felt; null: normal. */
  feel: z.enum(knownFeels).nullable().default(null),
  dieClass: z.enum(dieClasses),
  dieHeightMm: thicknessMmField,
  sheetCaliperMm: z.number().min(0.02).max(20),
  sheetCount: z.int().min(1).max(12),
  /** A plate id a piece, bottom to top; the same id twice for two pieces. */
  plateIds: z.array(setPlateField).min(1).max(16),
})
export type KnownGoodStackRow = Of<typeof knownGoodStack>

/** Numbers of a press that its class gives a usual value for, with the range in which an entry makes sense. */
export const pressNumbers = {
  rollerDiameterMm: { least: 5, most: 300 },
  bearingSpanMm: { least: 20, most: 3000 },
  rollerModulusMPa: { least: 100, most: 1_000_000 },
  frameStiffnessNPerMm: { least: 10, most: 10_000_000 },
  handleLimitN: { least: 1, most: 2000 },
  crankArmMm: { least: 10, most: 2000 },
  gearRatio: { least: 0.05, most: 50 },
  stallForceN: { least: 10, most: 1_000_000 },
} as const
export type PressNumberName = keyof typeof pressNumbers
export const pressNumberNames = Object.keys(pressNumbers) as readonly PressNumberName[]

/** Where a press's number is known from. */
export const numberSources = ['booklet', 'measured', 'guess'] as const

/** A number of this very press, in place of what is usual for its class. */
const pressNumber = z
  .object({
    name: z.enum(pressNumberNames as readonly [PressNumberName, ...PressNumberName[]]),
    value: z.number(),
    from: z.enum(numberSources),
  })
  .superRefine(({ name, value }, context) => {
    const { least, most } = pressNumbers[name]
    if (value < least || value > most)
      context.addIssue({
        code: 'custom',
        path: ['value'],
        message: 'number-out-of-range',
        params: { least, most, name },
      })
  })
export type PressNumber = Of<typeof pressNumber>

/** A gap that somebody knows in figures, mm: measured, out of the booklet, or guessed. */
export const LEAST_TYPED_GAP_MM = 1
export const MOST_TYPED_GAP_MM = 100
export const typedGap = z.object({
  mm: z.number().min(LEAST_TYPED_GAP_MM).max(MOST_TYPED_GAP_MM),
  from: z.enum(gapSources),
})

export const pressTable = {
  name: field.text(nameField),
  pressClass: field.choice(z.enum(pressClasses)),
  throatMm: field.size(),
  /** How low its middle is, where what is cut there hangs time and again; null: as good as level. */
  lowMiddleMm: field.thickness(z.number().min(0).max(LOWEST_MIDDLE_MM).nullable().default(null)),
  /** What is known better than the class's usual values. */
  numbers: field.structure(
    z
      .array(pressNumber)
      .max(pressNumberNames.length)
      .refine((numbers) => new Set(numbers.map((each) => each.name)).size === numbers.length, {
        error: 'names-a-number-twice',
      })
      .default([]),
  ),
  gap: field.structure(typedGap.nullable().default(null)),
  knownGood: field.structure(z.array(knownGoodStack).max(20).default([])),
  /** Gaps felt out without a die, the last one last. */
  felt: field.structure(z.array(feltGapOfPress).max(10).default([])),
  note: field.text(noteField),
} satisfies FieldTable
const pressFields = zodOf(pressTable)

/** What a user enters for a press. */
export const pressInput = z.object(pressFields)
export type PressInput = Of<typeof pressInput>

export const pressRow = z.object({ ...pressFields, ...shelfRowFields })
export type PressRow = Of<typeof pressRow>
