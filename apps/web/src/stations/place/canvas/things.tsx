import { keyOfThing, type LaidBlock, type LaidDie, type LaidThing, outlineOfBlock } from '@bold-heron/core'
import { pathOfAll } from '../../../paths/line-path.js'
import { pencilPath, shapeOfDie } from '../../../drawing/placement/shapes.js'
import { placementStrokes } from '../../../drawing/placement/strokes.js'
import { fixed, placeOf, type Scene } from './scene.js'

/** The frame of the picture that the cuts are to fit. */
export const MotifFrame = ({ motif }: { readonly motif: NonNullable<Scene['placement']['motif']> }) => (
  <g transform={placeOf(motif)}>
    <path
      d={`M${-motif.widthMm / 2} ${-motif.heightMm / 2}h${motif.widthMm}v${motif.heightMm}h${-motif.widthMm}Z`}
      {...fixed}
      {...placementStrokes.motif}
      fill="transparent"
    />
  </g>
)

/** A press block over a part of the die. */
export const BlockOutline = ({ block, isSelected }: { readonly block: LaidBlock } & Pick<Scene, 'isSelected'>) => (
  <path
    d={pathOfAll(outlineOfBlock(block))}
    {...fixed}
    {...placementStrokes.block}
    fill="var(--color-ink)"
    fillOpacity={isSelected({ is: 'block', id: block.id }) ? 0.14 : 0.07}
  />
)

/** The line up to which is pressed; as thick as a finger where it is to be caught. */
export const PencilLine = ({
  line,
  isSelected,
}: { readonly line: Parameters<typeof pencilPath>[0] } & Pick<Scene, 'isSelected'>) => (
  <g>
    <path d={pencilPath(line)} stroke="transparent" strokeWidth={14} {...fixed} />
    <path
      className="halo"
      d={pencilPath(line)}
      {...fixed}
      {...placementStrokes.pencil}
      strokeWidth={isSelected({ is: 'line' }) ? 2.6 : 1.6}
    />
  </g>
)

/** A die: its bare lines while it is dragged or not worked out yet, and a frame round it where it is chosen. */
export const DieOutline = ({ laid, scene }: { readonly laid: LaidDie; readonly scene: Scene }) => {
  const { run, view, dragged, dieOf, isSelected } = scene
  const die = dieOf(laid.dieId)
  if (!die || !run) return null
  const shape = shapeOfDie(die, run.face)
  const thing: LaidThing = { is: 'die', id: laid.id }
  const isWorkedOut = view?.runs.some((each) => each.runId === run.id) === true
  const bare = dragged?.key === keyOfThing(thing) || !isWorkedOut
  return (
    <g transform={placeOf(laid)}>
      <rect
        x={-shape.widthMm / 2}
        y={-shape.heightMm / 2}
        width={shape.widthMm}
        height={shape.heightMm}
        fill="transparent"
      />
      <path d={shape.d} {...fixed} stroke={bare ? 'var(--color-ink)' : 'transparent'} strokeWidth={1.6} />
      <rect
        className="halo"
        x={-shape.widthMm / 2 - 1}
        y={-shape.heightMm / 2 - 1}
        width={shape.widthMm + 2}
        height={shape.heightMm + 2}
        {...fixed}
        stroke={isSelected(thing) ? 'var(--color-accent)' : 'transparent'}
        strokeWidth={1.5}
        strokeDasharray="4 3"
      />
    </g>
  )
}
