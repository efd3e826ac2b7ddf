import { runInHandOf } from '@bold-heron/schema'
import { useTranslation } from 'react-i18next'
import { shapeOfDie } from '../../../drawing/placement/shapes.js'
import type { ShownStep } from '../steps/step.js'

const SIDE = 84
const SHAPE_SHARE = 0.6

/** The shape as it is stuck to the sheet: mirrored on its back where it is to be raised, right way round on its face where sunk. */
export const MirrorPicture: ShownStep<'mirror'> = ({ job, request: { cut } }) => {
  const { t } = useTranslation()
  const isRaised = runInHandOf(job).shows === 'raised'
  const [die] = cut.dies
  const shape = die && shapeOfDie(die, 'front')
  const longest = Math.max(shape?.widthMm ?? 0, shape?.heightMm ?? 0, 1)
  const scale = (SIDE * SHAPE_SHARE) / longest
  const view = (mirrored: boolean, x: number, name: string) => (
    <g transform={`translate(${x} 0)`}>
      <rect x={-42} y={-42} width={84} height={84} fill="#fffdf8" stroke="var(--color-ink)" strokeWidth={0.8} />
      {shape && (
        <path
          d={shape.d}
          transform={`scale(${mirrored ? -scale : scale} ${scale})`}
          fill="#d8cdb6"
          stroke="var(--color-ink)"
          strokeWidth={1.6}
          vectorEffect="non-scaling-stroke"
        />
      )}
      <text y={56} textAnchor="middle" fontSize={9} fill="var(--color-ink)">
        {name}
      </text>
    </g>
  )
  return (
    <figure>
      <svg
        role="img"
        aria-label={t(isRaised ? 'bench.pictures.mirrorRaised' : 'bench.pictures.mirrorSunk')}
        viewBox="-48 -46 196 110"
        className="block w-full"
      >
        {view(isRaised, 0, t(isRaised ? 'bench.pictures.stuckBack' : 'bench.pictures.stuckFace'))}
        {view(false, 100, t('bench.pictures.seen'))}
      </svg>
      <figcaption className="text-center text-base">
        {t(isRaised ? 'bench.pictures.layFaceUp' : 'bench.pictures.layFaceDown')}
      </figcaption>
    </figure>
  )
}
