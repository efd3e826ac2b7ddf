import type { PlateRow } from '@bold-heron/schema'

/** px of a plate's section per mm of its thickness, and its least and greatest. */
const PX_PER_MM = 3
const LEAST_PX = 2
const MOST_PX = 36

/** A plate from the side: as thick as it is against others. */
export const PlateSection = ({
  plate: { thicknessMm, kind },
}: {
  readonly plate: Pick<PlateRow, 'thicknessMm' | 'kind'>
}) => (
  <span aria-hidden className="grid size-11 shrink-0 place-items-center">
    <span
      className="block w-10 border border-ink forced-color-adjust-none"
      style={{
        height: Math.min(MOST_PX, Math.max(LEAST_PX, thicknessMm * PX_PER_MM)),
        background: kind === 'hard-plate' ? '#8a96a0' : kind === 'cutting-pad' ? '#dfe9ec' : '#efe7d6',
      }}
    />
  </span>
)
