import { lineOfFold } from '@bold-heron/core'
import { pathOf } from '../../../paths/line-path.js'
import { placementStrokes } from '../../../drawing/placement/strokes.js'
import { fixed, placeOf, type Scene } from './scene.js'

/** Hatch of waste, and the openings that what lies inside the card shows through. */
export const GroundDefs = ({ view, scale }: Pick<Scene, 'view' | 'scale'>) => (
  <defs>
    <pattern
      id="waste"
      width="6"
      height="6"
      patternUnits="userSpaceOnUse"
      patternTransform={`scale(${1 / scale}) rotate(45)`}
    >
      <path d="M0 0V6" stroke="var(--color-danger)" strokeWidth="1.4" />
    </pattern>
    {/* What is inside the card shows only where a piece has come away. */}
    <clipPath id="through">
      {view?.pieces.map((piece, at) => piece.is !== 'card' && <path key={at} d={piece.d} clipRule="evenodd" />)}
    </clipPath>
  </defs>
)

const MotifPicture = ({ placement: { motif }, dragged }: Pick<Scene, 'placement' | 'dragged'>) => {
  if (!motif?.picture) return null
  const moved = dragged?.key === 'motif' ? `translate(${dragged.dx} ${dragged.dy}) ` : ''
  return (
    <g {...(motif.on === 'inside' ? { clipPath: 'url(#through)' } : {})}>
      <image
        href={motif.picture}
        x={-motif.widthMm / 2}
        y={-motif.heightMm / 2}
        width={motif.widthMm}
        height={motif.heightMm}
        preserveAspectRatio="none"
        opacity={0.75}
        transform={`${moved}${placeOf(motif)}`}
      />
    </g>
  )
}

/** The card itself: what falls out of it, the picture on or in it, its edge and its fold. */
export const Ground = ({ placement, view, dragged }: Pick<Scene, 'placement' | 'view' | 'dragged'>) => {
  const { card } = placement
  return (
    <>
      <path
        d={pathOf([0, 0, card.widthMm, 0, card.widthMm, card.heightMm, 0, card.heightMm])}
        fill="var(--color-leaf)"
      />
      {view?.pieces.map(
        (piece, at) =>
          (piece.is === 'waste' || piece.is === 'loose') && (
            <path key={at} d={piece.d} fill="url(#waste)" fillRule="evenodd" opacity={0.5} />
          ),
      )}
      <MotifPicture placement={placement} dragged={dragged} />
      <path d={`M0 0H${card.widthMm}V${card.heightMm}H0Z`} {...fixed} {...placementStrokes.card} />
      {card.fold && (
        <path d={pathOf(lineOfFold(card, card.fold))} {...fixed} {...placementStrokes.fold} opacity={0.4} />
      )}
      {view?.crease && <path d={view.crease.d} {...fixed} {...placementStrokes.fold} />}
    </>
  )
}
