import type { LineState } from '@bold-heron/core'
import type { MapPaths } from '../../paths/cut-map-paths.js'

/** Each state has a line of its own, so that the map is read without colour: thin, dashed, thick dots. */
export const lineOf: Readonly<Record<LineState, React.SVGAttributes<SVGPathElement>>> = {
  clean: { stroke: 'var(--color-clean)', strokeWidth: 1.4 },
  nearly: { stroke: 'var(--color-warn)', strokeWidth: 2.4, strokeDasharray: '6 4' },
  hanging: { stroke: 'var(--color-danger)', strokeWidth: 4.2, strokeDasharray: '0.1 6', strokeLinecap: 'round' },
}

const MARGIN = 0.06

/** The dies' true lines as they are cut, seen from above: the feed goes up, the throat from left to right. */
export const CutMapDrawing = ({
  paths: { byState, box },
  spoken,
  className,
}: {
  readonly paths: MapPaths
  readonly spoken: string
  readonly className?: string
}) => {
  const margin = MARGIN * Math.max(box.width, box.height)
  return (
    <svg
      role="img"
      aria-label={spoken}
      viewBox={`${box.x - margin} ${box.y - margin} ${box.width + 2 * margin} ${box.height + 2 * margin}`}
      className={className}
      fill="none"
    >
      {(['clean', 'nearly', 'hanging'] as const).map(
        (state) =>
          byState[state].d !== '' && (
            <path key={state} d={byState[state].d} vectorEffect="non-scaling-stroke" {...lineOf[state]} />
          ),
      )}
    </svg>
  )
}

/** A short stretch of a state's line, for the legend. */
export const LineSample = ({ state }: { readonly state: LineState }) => (
  <svg aria-hidden width={36} height={10} className="inline-block shrink-0 align-middle">
    <path d="M3 5H33" fill="none" {...lineOf[state]} />
  </svg>
)
