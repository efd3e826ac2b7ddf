import type { PlateRow } from '@bold-heron/schema'
import { HowItWasCut } from '../about/HowItWasCut.js'
import { MeasuringPanel } from '../about/MeasuringPanel.js'
import { PhotosPanel } from '../../../drawing/photos/PhotosPanel.js'
import { MatWearPanel } from '../wear/MatWearPanel.js'
import { PadWearPanel } from '../wear/PadWearPanel.js'

/** How sure a plate is, what it has borne, where it lay, and what it looks like. */
export const PlateBeside = ({ row }: { readonly row: PlateRow }) => (
  <div className="space-y-4">
    <MeasuringPanel row={row} />
    <PadWearPanel row={row} />
    <MatWearPanel row={row} />
    <HowItWasCut of="plate" id={row.id} />
    <PhotosPanel of={{ kind: 'plates', id: row.id }} />
  </div>
)
