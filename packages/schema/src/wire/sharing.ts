import { z } from 'zod'
import { nameField } from '../entered/fields.js'
import type { Of } from '../plain.js'

/**
 * What a device may do, each more than the one before: read everything and press at the Bench; keep shelf, jobs, charts and cards as well;
 * share, clear, and read whole workshops in.
 */
export const roles = ['bench', 'helper', 'owner'] as const
export type Role = (typeof roles)[number]

/** Whether who has a role may do what is for another. */
export const mayDo = (has: Role, wanted: Role): boolean => roles.indexOf(has) >= roles.indexOf(wanted)

/** Who asks: somebody at the machine itself, or a device that was paired. */
export const whoAsks = z.object({ role: z.enum(roles), name: z.string(), isHere: z.boolean() })
export type WhoAsks = Of<typeof whoAsks>

export const pairedDevice = z.object({
  id: z.uuid(),
  name: z.string(),
  role: z.enum(roles),
  pairedAt: z.iso.datetime(),
  seenAt: z.iso.datetime(),
})
export type PairedDevice = Of<typeof pairedDevice>

export const deviceChange = z.object({ name: nameField, role: z.enum(roles) })

/** What was done to rights, and to everything at once. */
export const auditedDeeds = [
  'sharing-on',
  'sharing-off',
  'code-offered',
  'paired',
  'renamed',
  'sent-away',
  'table-read-in',
  'workshop-read-in',
  'forgotten',
] as const
export type AuditedDeed = (typeof auditedDeeds)[number]

const audited = z.object({
  at: z.iso.datetime(),
  /** The device by its name then; empty for who sat at the machine itself. */
  who: z.string(),
  deed: z.enum(auditedDeeds),
  /** Which device, table or role it was about. */
  about: z.string(),
})
export type Audited = Of<typeof audited>

/** How the workshop is shared with other devices. */
export const sharing = z.object({
  /** Whether it is now, and whether it will be from the next start on. */
  isOpen: z.boolean(),
  isWanted: z.boolean(),
  /** Where other devices find it. */
  addresses: z.array(z.string()),
  /** Of the authority that vouches for these addresses, to be compared before it is trusted; null while nothing is shared. */
  fingerprint: z.string().nullable(),
  devices: z.array(pairedDevice),
  deeds: z.array(audited),
})
export type Sharing = Of<typeof sharing>

export const sharingWish = z.object({ isWanted: z.boolean() })

export const pairingWish = z.object({ role: z.enum(roles) })

/** Six digits that let one device in, and a picture of the address that has them in it. */
export const pairingOffer = z.object({
  code: z.string().regex(/^\d{6}$/),
  endsAt: z.iso.datetime(),
  address: z.string(),
  /** SVG. */
  qr: z.string(),
})
export type PairingOffer = Of<typeof pairingOffer>
