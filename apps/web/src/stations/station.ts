import type { LucideIcon } from 'lucide-react'
import type { RouteObject } from 'react-router'

/** A key of a station's own, as it is listed among the shortcuts; what it does is said under `keys` of the station's words. */
interface StationKey {
  readonly keys: readonly string[]
  readonly does: string
}

/** How a station is reached from everywhere. */
export interface StationNav<WithJob extends boolean = boolean> {
  /** Goes there after `g`. */
  readonly key: string
  readonly icon: LucideIcon
  /** Whether the job in hand goes along in the address; the station then asks for one where there is none. */
  readonly withJob: WithJob
}

/** Everything that the frame, the router and the list of shortcuts need to know of a station. */
export interface Station<Id extends string, Words, Nav extends StationNav | undefined> {
  /** Its address, its folder, and what its words stand under. */
  readonly id: Id
  readonly nav: Nav
  readonly keys?: readonly StationKey[]
  /** Below its own address; a station with a job need not say what stands where there is none. */
  readonly routes: readonly RouteObject[]
  /** Never there: carries what the station says, so that the types report a word that is missing. */
  readonly words?: Words
}
