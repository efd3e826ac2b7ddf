import { z } from 'zod'
import type { Of } from '../plain.js'
import { idField, setPlateField } from './fields.js'

/** The runs of an evening that go through together, by their jobs, a plus between. */
const batchIdField = z.string().min(1).max(600)

/** Who is at which runs of an evening, on which press, and until when that holds if nothing more is heard. */
export const batchClaim = z.object({
  batchId: batchIdField,
  pressId: idField,
  /** The browser that took it. */
  holder: idField,
  /** The device's name; empty for the machine itself. */
  name: z.string(),
  until: z.iso.datetime(),
})
export type BatchClaim = Of<typeof batchClaim>

/** Takes runs of an evening, or holds on to them. */
export const claimWish = z.object({
  batchId: batchIdField,
  pressId: idField,
  holder: idField,
  /** Plates that lie in the press meanwhile, a piece each. */
  plateIds: z.array(setPlateField).max(24).default([]),
  /** Whether it is taken although somebody else has it, or has the plates. */
  overrule: z.boolean().default(false),
})
export type ClaimWish = Of<typeof claimWish>

/** Gives runs back that were taken. */
export const claimLetGo = claimWish.pick({ batchId: true, holder: true })
