import { boxInPress, type Card, edgesOf, ownEdgeOf, type PlacedRun, type Placement } from '@bold-heron/core'
import { useLengths } from '../../text/lengths.js'
import type { PlacementView } from '../../workers/view-of.js'
import { pencilPath } from './shapes.js'
import { placementStrokes } from './strokes.js'

const thin = { vectorEffect: 'non-scaling-stroke' } as const

interface Sized {
  readonly lengthMm: number
  readonly widthMm: number
}

/** How large a die is, by its id. */
export type SizeOf = (dieId: string) => Sized | undefined

/** A figure beside its line, kept readable over whatever lies under it. */
const Figure = ({ x, y, text, fontMm }: { x: number; y: number; text: string; fontMm: number }) => (
  <text
    x={x}
    y={y}
    fontSize={fontMm}
    fontWeight={700}
    fill="var(--color-accent-deep)"
    stroke="white"
    strokeWidth={fontMm / 4}
    paintOrder="stroke"
  >
    {text}
  </text>
)

/**
 * The measures of one run's dies: from the card's left edge each on a row of its own under the dies, and from its upper edge one
 * for every height there is, as letters of a word all hang from the same.
 */
const Measures = ({ run, card, sizeOf }: { run: PlacedRun; card: Card; sizeOf: SizeOf }) => {
  const lengths = useLengths()
  const fontMm = fontOf(card)
  // Folded shut, only the front lies there to be measured on.
  const { fromX, fromY } = boxInPress(card, run)
  const laid = run.dies.flatMap((die) => {
    const size = sizeOf(die.dieId)
    if (!size) return []
    const edges = edgesOf(die, size)
    return [{ ...edges, id: die.id, bottomMm: 2 * die.yMm - edges.topMm }]
  })
  const lowest = Math.max(0, ...laid.map(({ bottomMm }) => bottomMm))
  const rowMm = 1.5 * fontMm
  const rowsMm = laid.length * rowMm
  // Under the dies where there is room, else up from the card's lower edge.
  const firstRow = Math.min(lowest, card.heightMm - rowsMm - fontMm / 2) + rowMm
  const tick = fontMm / 3
  const tops = laid.filter(
    ({ topMm }, at) => laid.findIndex((each) => lengths.hand(each.topMm) === lengths.hand(topMm)) === at,
  )
  const lines = [
    ...laid.map(({ leftMm, topMm }, row) => {
      const y = firstRow + row * rowMm
      return `M${fromX} ${y}H${leftMm}M${fromX} ${y - tick}v${2 * tick}M${leftMm} ${y + tick}V${topMm}`
    }),
    ...tops.map(({ leftMm, topMm }) => `M${leftMm} ${fromY}V${topMm}M${leftMm - tick} ${topMm}h${2 * tick}`),
  ]
  return (
    <g>
      <path d={lines.join('')} stroke="var(--color-accent-deep)" strokeWidth={1.2} {...thin} />
      {laid.map(({ id, leftMm }, row) => (
        <Figure
          key={id}
          x={leftMm + tick}
          y={firstRow + row * rowMm + fontMm / 3}
          text={lengths.hand(leftMm - fromX)}
          fontMm={fontMm}
        />
      ))}
      {tops.map(({ id, leftMm, topMm }) => (
        <Figure
          key={id}
          x={leftMm + tick}
          y={(fromY + topMm) / 2 + fontMm / 3}
          text={lengths.hand(topMm - fromY)}
          fontMm={fontMm}
        />
      ))}
    </g>
  )
}

/** Share of the card's longer side that a figure is high. */
const FONT_SHARE = 1 / 18

const fontOf = ({ widthMm, heightMm }: Card): number => Math.max(widthMm, heightMm) * FONT_SHARE

/** The card with what is cut where, one run of it or all; with measures from its edges where a hand lays dies by them. */
export const LaidOut = ({
  placement: { card, runs },
  view,
  at,
  sizeOf,
  className,
  style,
}: {
  readonly placement: Placement
  readonly view: PlacementView
  /** The run that is shown; all where undefined. */
  readonly at: number | undefined
  /** Where its dies are measured from the card's edges. */
  readonly sizeOf?: SizeOf | undefined
  readonly className?: string
  readonly style?: React.CSSProperties
}) => {
  const shown = (which: number): boolean => at === undefined || which === at
  return (
    <svg
      viewBox={`-2 -2 ${card.widthMm + 4} ${card.heightMm + 4}`}
      className={className}
      style={style}
      fill="none"
      aria-hidden
    >
      <path d={`M0 0H${card.widthMm}V${card.heightMm}H0Z`} {...thin} {...placementStrokes.card} />
      {view.crease && <path d={view.crease.d} {...thin} {...placementStrokes.fold} />}
      {view.runs.map(
        ({ runId, dies }, which) =>
          shown(which) &&
          dies.map((die) => (
            <g key={`${runId} ${die.laidId}`}>
              <path d={die.cut} {...thin} stroke="var(--color-ink)" strokeWidth={1.4} />
              <path d={die.left} {...thin} {...placementStrokes.left} />
            </g>
          )),
      )}
      {runs.map(({ id, line }, which) =>
        line && shown(which) ? (
          <path
            key={id}
            d={pencilPath(line)}
            {...thin}
            {...placementStrokes[ownEdgeOf(runs[which] as PlacedRun, runs) ? 'pad' : 'pencil']}
          />
        ) : null,
      )}
      {at === undefined &&
        view.knife.cuts.map(({ d }, which) => (
          <path key={which} d={d} {...thin} stroke="var(--color-ink)" strokeWidth={3} />
        ))}
      {sizeOf &&
        runs.map((run, which) => shown(which) && <Measures key={run.id} run={run} card={card} sizeOf={sizeOf} />)}
    </svg>
  )
}
