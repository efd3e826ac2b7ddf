import type { PlaceRequest } from '@bold-heron/schema'
import { type Edit, type LaidThing, type Placement } from '@bold-heron/core'

/** What every panel beside the drawing works with. */
export interface PanelProps {
  readonly placement: Placement
  readonly things: PlaceRequest
  readonly selected: LaidThing | undefined
  readonly onSelect: (thing: LaidThing | undefined) => void
  /** `about` names what is changed, so that typing in one field is one step to undo. */
  readonly onChange: (edit: Edit, about?: string) => void
}
