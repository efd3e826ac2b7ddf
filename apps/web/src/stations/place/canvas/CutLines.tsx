import { padOnLine, type Polyline } from '@bold-heron/core'
import { lineOf } from '../../../drawing/cut-map/CutMapDrawing.js'
import { pathOf } from '../../../paths/line-path.js'
import { shapeOfDie } from '../../../drawing/placement/shapes.js'
import { placementStrokes } from '../../../drawing/placement/strokes.js'
import { fixed, type Scene } from './scene.js'

/** The outlines of all dies of the run, which a pad is to cover. */
const padLines = ({ run, dieOf }: Scene): Polyline[] =>
  (run?.dies ?? []).flatMap((laid) => {
    const die = dieOf(laid.dieId)
    if (!die || !run) return []
    const { widthMm, heightMm } = shapeOfDie(die, run.face)
    const [x, y] = [laid.xMm - widthMm / 2, laid.yMm - heightMm / 2]
    return [[x, y, x + widthMm, y, x + widthMm, y + heightMm, x, y + heightMm]]
  })

/** The pad that ends on the pencil line. */
const PadOnLine = (scene: Scene) => {
  const { run, plates } = scene
  const pad = plates.find((plate) => plate.id === run?.padId)
  if (!pad || !run?.line) return null
  return (
    <path
      d={pathOf(padOnLine(pad, run.line, padLines(scene)).outline)}
      {...fixed}
      {...placementStrokes.pad}
      fill="var(--color-ink)"
      fillOpacity={0.04}
    />
  )
}

/** What other runs cut, and what this one does; a die being dragged shows its bare lines instead. */
export const CutLines = (scene: Scene) => {
  const { view, run, map, dragged } = scene
  return (
    <>
      <PadOnLine {...scene} />
      {view?.runs.map(({ runId, dies }) =>
        dies.map((die) => {
          const own = runId === run?.id
          if (own && dragged?.key === `die ${die.laidId}`) return null
          return (
            <g key={`${runId} ${die.laidId}`} opacity={own ? 1 : 0.55} className="pointer-events-none">
              {!(own && map) && <path d={die.cut} {...fixed} {...placementStrokes.cut} />}
              <path d={die.left + die.off} {...fixed} {...placementStrokes.left} />
            </g>
          )
        }),
      )}
      {map &&
        !dragged &&
        (['clean', 'nearly', 'hanging'] as const).map((state) => (
          <path key={state} d={map[state].d} {...fixed} {...lineOf[state]} className="pointer-events-none" />
        ))}
      {view?.knife.cuts.map(({ d }, at) => (
        <path key={at} d={d} {...fixed} {...placementStrokes.knife} className="pointer-events-none" />
      ))}
    </>
  )
}
