import type { SheetRow } from '@bold-heron/schema'
import { colourOf } from './colour-of.js'

/** px of a swatch's edge per mm of the sheet's thickness: drawn thicker than it is, so that card and paper can be told apart. */
const PX_PER_MM = 9

/** A sheet as it looks: its colour, and an edge as thick as it is against others. */
export const SheetSwatch = ({
  sheet: { colour, caliperMm },
}: {
  readonly sheet: Pick<SheetRow, 'colour' | 'caliperMm'>
}) => (
  <span aria-hidden className="grid size-11 shrink-0 place-items-center">
    <span
      className="block h-9 w-7 rounded-xs border border-ink/50 forced-color-adjust-none"
      style={{
        background: colourOf(colour),
        borderBottomWidth: Math.max(1.5, Math.min(10, caliperMm * PX_PER_MM)),
      }}
    />
  </span>
)
