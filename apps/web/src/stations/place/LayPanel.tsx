import { BlockRows } from './BlockRows.js'
import { DieRows } from './DieRows.js'
import { LineFields } from './LineFields.js'
import { MarginsRound } from './MarginsRound.js'
import { MotifFields } from './MotifFields.js'
import type { PanelProps } from './panel-props.js'
import { RunSettings } from './RunSettings.js'

/** What lies on the card in the run in hand, in numbers. */
export const LayPanel = (props: PanelProps) => (
  <div className="space-y-3">
    <RunSettings {...props} />
    <DieRows {...props} />
    <MarginsRound {...props} />
    <LineFields {...props} />
    <BlockRows {...props} />
    <MotifFields {...props} />
  </div>
)
