import { z } from 'zod'

/** Devices that the page can speak to. */
export const devices = z.object({
  /** The simulated caliper's WebSocket; null where there is none. */
  caliperUrl: z.string().nullable(),
})
