import type { PlateRow } from '@bold-heron/schema'
import { PhotosPanel } from '../../../drawing/photos/PhotosPanel.js'
import { MatWearPanel } from '../wear/MatWearPanel.js'
import { PadWearPanel } from '../wear/PadWearPanel.js'

/** What a plate looks like, and what it has borne. */
export const PlateBeside = ({ row }: { readonly row: PlateRow }) => (
  <div className="space-y-4">
    <PadWearPanel row={row} />
    <MatWearPanel row={row} />
    <PhotosPanel of={{ kind: 'plates', id: row.id }} />
  </div>
)
