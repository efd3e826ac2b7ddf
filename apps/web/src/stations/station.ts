import type { LucideIcon } from 'lucide-react'
import type { RouteObject } from 'react-router'

/** A key of a station's own, as it is listed among the shortcuts; what it does is said under `keys` of the station's words. */
interface StationKey {
  readonly keys: readonly string[]
  readonly does: string
}

/** Where a station is reached: from everywhere by a door of its own, behind the button for the rest, or as a step of a job. */
type StandsAt = 'door' | 'rest' | 'job'

/** How a station is reached. */
export interface StationNav<At extends StandsAt = StandsAt> {
  readonly at: At
  /** Goes there after `g`. */
  readonly key: string
  readonly icon: LucideIcon
}

/** Everything that the frame, the router and the list of shortcuts need to know of a station. */
export interface Station<Id extends string, Words, Nav extends StationNav | undefined> {
  /** Its address, its folder, and what its words stand under. */
  readonly id: Id
  readonly nav: Nav
  readonly keys?: readonly StationKey[]
  /** Other stations whose own words its pages say, too. */
  readonly says?: readonly string[]
  /** Below its own address. */
  readonly routes?: readonly RouteObject[]
  /** Below the address of a job. */
  readonly ofJob?: readonly RouteObject[]
  /** Never there: carries what the station says, so that the types report a word that is missing. */
  readonly words?: Words
}
