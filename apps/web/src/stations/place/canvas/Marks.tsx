import { fixed, type Scene } from './scene.js'

const MARK_PX = 9
/** mm. How far beyond the card a guiding line is drawn. */
const GUIDE_MM = 600

/** What is marked to fall out, and the lines that a dragged thing has caught hold of. */
export const Marks = ({ placement, scale, dragged }: Pick<Scene, 'placement' | 'scale' | 'dragged'>) => (
  <>
    {placement.waste.map(({ xMm, yMm }, at) => (
      <g key={at} transform={`translate(${xMm} ${yMm}) scale(${1 / scale})`} className="pointer-events-none">
        <circle r={MARK_PX} fill="var(--color-danger-wash)" stroke="var(--color-danger)" strokeWidth={1.6} />
        <path d="M-4 -4L4 4M4 -4L-4 4" stroke="var(--color-danger)" strokeWidth={2} />
      </g>
    ))}
    {dragged?.snaps.map(({ axis, atMm, to }) => (
      <path
        key={`${axis} ${to}`}
        d={axis === 'x' ? `M${atMm} ${-GUIDE_MM}V${GUIDE_MM * 2}` : `M${-GUIDE_MM} ${atMm}H${GUIDE_MM * 2}`}
        stroke="var(--color-accent)"
        strokeWidth={1}
        {...fixed}
      />
    ))}
  </>
)
