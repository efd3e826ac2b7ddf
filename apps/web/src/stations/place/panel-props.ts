import type { PlaceRequest } from '@bold-heron/schema'
import type { Placement } from '@bold-heron/core'
import type { Lengths } from '../../text/lengths.js'
import type { Edit, Thing } from './edits.js'

/** What every panel beside the drawing works with. */
export interface PanelProps {
  readonly placement: Placement
  readonly things: PlaceRequest
  readonly lengths: Lengths
  readonly selected: Thing | undefined
  readonly onSelect: (thing: Thing | undefined) => void
  /** `about` names what is changed, so that typing in one field is one step to undo. */
  readonly onChange: (edit: Edit, about?: string) => void
}
