import { roles, type StackReference } from '@bold-heron/core'
import { z } from 'zod'
import { setPlateField } from './fields.js'

/** A layer by reference, its plates named as the field says. */
const layerOf = <Id extends z.ZodType<string>>(plateId: Id) =>
  z.discriminatedUnion('is', [
    z.object({ is: z.literal('plate'), plateId, role: z.enum(roles) }),
    z.object({ is: z.literal('dies') }),
    z.object({ is: z.literal('sheets') }),
  ])

/** A stack by reference as it is answered: bottom to top, by plates of whatever was asked about. */
export const stackReference = z.array(layerOf(z.string())) satisfies z.ZodType<StackReference>

/** A press block glued up of card: so many sheets of one of the shelf. */
const gluedField = z.string().regex(/^cards:[0-9a-f-]{36}:\d{1,2}$/)

/** A layer of a stack that is kept, by plates of the shelf. */
export const layerReference = layerOf(z.union([setPlateField, gluedField]))

/** Bottom to top; empty while none is chosen, else with the dies and the sheets once each. */
export const chosenStack = z
  .array(layerReference)
  .max(24)
  .refine(
    (layers) =>
      layers.length === 0 ||
      (['dies', 'sheets'] as const).every((is) => layers.filter((layer) => layer.is === is).length === 1),
    { error: 'dies-and-sheets-once' },
  )
