import { lineOf } from '../../drawing/cut-map/CutMapDrawing.js'
import type { StretchPaths } from '../../paths/stretch-paths.js'

const MARGIN_MM = 6

export const viewBoxOf = ({ box }: StretchPaths): string =>
  `${box.x - MARGIN_MM} ${box.y - MARGIN_MM} ${box.width + 2 * MARGIN_MM} ${box.height + 2 * MARGIN_MM}`

/** Where a cut hangs, or would hang, on the outline of its dies: hanging stretches dotted, the others thin. */
export const HangingPicture = ({
  paths,
  hangs,
  spoken,
  className,
}: {
  readonly paths: StretchPaths
  readonly hangs: (at: number) => boolean
  readonly spoken: string
  readonly className?: string
}) => {
  const drawn = (isHanging: boolean) =>
    paths.stretches.flatMap(({ d }, at) => (hangs(at) === isHanging ? [d] : [])).join('')
  return (
    <svg role="img" aria-label={spoken} viewBox={viewBoxOf(paths)} className={className} fill="none">
      <path d={drawn(false)} vectorEffect="non-scaling-stroke" {...lineOf.clean} />
      <path d={drawn(true)} vectorEffect="non-scaling-stroke" {...lineOf.hanging} />
    </svg>
  )
}
