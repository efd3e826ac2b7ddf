import { idsOfSettings } from '@bold-heron/core'
import { namedOnce } from '../entered/named-once.js'
import { z } from 'zod'
import type { Of } from '../plain.js'
import { dieFields, dieHolds } from '../entered/die.js'
import { houseRulesInput } from '../entered/house-rules.js'
import {
  edgeFitsPlate,
  edgeTooWide,
  leavesElsewhere,
  leavesOnPlatform,
  plateFields,
  type PlateInput,
} from '../entered/plate.js'
import { knownGoodStack, pressInput } from '../entered/press.js'

/** A name that things in a file call each other by. */
export const handle = z.string().min(1).max(60)

export const plateInFile = z
  .object({ ...plateFields, id: handle })
  .refine(edgeFitsPlate, edgeTooWide)
  .refine(leavesOnPlatform, leavesElsewhere)

export const drawnDieFields = {
  ...dieFields,
  /** Its cutting lines, or the file they stand in (`.svg` or `.dxf`, beside the file itself); else a stand-in. */
  svg: z.string().min(1).max(5_000_000).optional(),
  file: z.string().min(1).max(1000).optional(),
}
export const notDrawnTwice = (each: {
  readonly svg?: string | undefined
  readonly file?: string | undefined
}): boolean => each.svg === undefined || each.file === undefined
export const drawnTwice = { path: ['svg'], error: 'svg-and-file' }

/** A thing that nothing in the file refers to may have an id all the same, as one that was written for another file. */
export const mayHaveId = { id: handle.optional() }

export const dieInFile = z
  .object({ ...drawnDieFields, ...mayHaveId })
  .superRefine(dieHolds)
  .refine(notDrawnTwice, drawnTwice)

export const pressInFile = z.object({
  ...pressInput.shape,
  ...mayHaveId,
  knownGood: z
    .array(z.object({ ...knownGoodStack.shape, plateIds: z.array(handle).min(1).max(16) }))
    .max(20)
    .default([]),
})
export type PressInFile = Of<typeof pressInFile>

/** Those left out are as usual. */
export const houseRulesInFile = houseRulesInput
  .omit({ units: true, fractionDenominator: true, bladeSide: true })
  .partial()
  .default({})

/** Reports plates that share a name, and known-good stacks that name plates which are not there. */
export const platesFit = (
  {
    plates,
    presses,
  }: { readonly plates: readonly (PlateInput & { readonly id: string })[]; readonly presses: readonly PressInFile[] },
  context: z.RefinementCtx,
  pathOf: (press: number) => (string | number)[],
): void => {
  namedOnce(context, 'plates', plates, { key: 'id', says: 'names-two-plates' })
  const ids = new Set(plates.flatMap(({ id, leaves }) => idsOfSettings(id, leaves?.length ?? 0)))
  presses.forEach(({ knownGood }, press) => {
    knownGood.forEach(({ plateIds }, known) => {
      plateIds.forEach((id, at) => {
        if (!ids.has(id))
          context.addIssue({
            code: 'custom',
            path: [...pathOf(press), 'knownGood', known, 'plateIds', at],
            message: 'plate-not-in-file',
          })
      })
    })
  })
}
