import { cardEdges, type PlacedRun, type Placement, regionIds } from '@bold-heron/core'
import { z } from 'zod'
import { idField, labelField, nameField } from './fields.js'

/** mm on a card, or somewhat off it. */
const placeMm = z.number().min(-2000).max(2000)
const sizeMm = z.number().min(1).max(2000)
const degrees = z.number().min(-360).max(360)
const laidFields = {
  /** A name among the things of one placement. */
  id: z.string().min(1).max(60),
  xMm: placeMm,
  yMm: placeMm,
  rotationDeg: degrees,
}

/** Points of all shapes of a block together. */
const MOST_NUMBERS = 20_000
const closedLines = z
  .array(z.array(z.number()).min(8).max(MOST_NUMBERS))
  .min(1)
  .max(50)
  .refine((lines) => lines.every((line) => line.length % 2 === 0), { error: 'not-x-and-y' })

const laidBlock = z.object({
  ...laidFields,
  material: z.discriminatedUnion('is', [
    z.object({ is: z.literal('plate'), plateId: idField }),
    z.object({ is: z.literal('cards'), sheetId: idField }),
  ]),
  widthMm: sizeMm,
  heightMm: sizeMm,
  outline: closedLines.nullable().default(null),
})

/** A name among the press runs of one job. */
export const pressRunIdField = z.string().min(1).max(60)

/** Where the things of a press run lie on the card. */
const placedFields = {
  face: z.enum(['front', 'back']),
  goesIn: z.enum(['open', 'folded']),
  leads: z.enum(cardEdges),
  dies: z.array(z.object({ ...laidFields, dieId: idField })).max(24),
  line: z.object({ xMm: placeMm, yMm: placeMm, angleDeg: degrees, presses: z.enum(['above', 'below']) }).nullable(),
  padId: idField.nullable(),
  blocks: z.array(laidBlock).max(12),
}

/** Where the things of one press run lie on its job's card, in the core's own words. */
export const placedInRun = z.object(placedFields) as unknown as z.ZodType<Omit<PlacedRun, 'id' | 'name' | 'region'>>

const placedRun = z.object({ id: pressRunIdField, name: labelField, region: z.enum(regionIds), ...placedFields })

const spots = z.array(z.object({ xMm: placeMm, yMm: placeMm })).max(60)

/** Characters of a picture's data address: about three megabytes of picture. */
const LONGEST_PICTURE = 4_200_000

const motif = z.object({
  name: nameField,
  xMm: placeMm,
  yMm: placeMm,
  widthMm: sizeMm,
  heightMm: sizeMm,
  rotationDeg: degrees,
  on: z.enum(['front', 'inside']),
  picture: z
    .string()
    .max(LONGEST_PICTURE)
    .regex(/^data:image\/(png|jpeg|webp|svg\+xml);base64,[A-Za-z0-9+/=]+$/, 'must be a PNG, JPEG, WebP or SVG picture')
    .nullable(),
})

const card = z
  .object({
    widthMm: sizeMm,
    heightMm: sizeMm,
    fold: z.object({ runs: z.enum(['upright', 'level']), atMm: sizeMm }).nullable(),
  })
  .refine(({ fold, widthMm, heightMm }) => !fold || fold.atMm < (fold.runs === 'upright' ? widthMm : heightMm), {
    path: ['fold', 'atMm'],
    error: 'fold-off-card',
  })

const layoutFields = {
  card,
  waste: spots.default([]),
  keep: spots.default([]),
  motif: motif.nullable().default(null),
}

/** What a job keeps of a placement beside its runs: the card, what is to come away or must stay, the motif. */
export type CardLayout = Pick<Placement, keyof typeof layoutFields>
export const cardLayout = z.object(layoutFields) as unknown as z.ZodType<CardLayout>

/** A job's press runs, and more than anybody will ever need. */
export const MOST_PRESS_RUNS = 200

const placementFields = z
  .object({
    ...layoutFields,
    runs: z.array(placedRun).min(1).max(MOST_PRESS_RUNS),
    runInHand: z.int().min(0),
  })
  .refine(({ runs, runInHand }) => runInHand < runs.length, {
    path: ['runInHand'],
    error: 'no-such-run',
  }) satisfies z.ZodType<Placement>

/** A placement as it is kept with a logged run, in the core's own words. */
export const placementInput = placementFields as unknown as z.ZodType<Placement>
