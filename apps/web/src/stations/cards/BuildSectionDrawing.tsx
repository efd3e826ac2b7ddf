import type { BuildLayer, BuildSection } from '@bold-heron/core'
import { useId } from 'react'
import { useTranslation } from 'react-i18next'
import { useLengths } from '../../text/lengths.js'

/** px of the drawing: how wide the layers are, and how much a millimetre of height is, at most. */
const WIDE = 210
const MOST_PX_PER_MM = 60
const HIGH = 200
const BARE_HIGH = 100
const LABELS = 230
/** px: how wide a pad of foam is, and how far in from the edge of its layer it stands. */
const PAD_WIDE = 20
const PAD_IN = 10

/** Where foam stands under a layer so far in, from the left: at its rim, and in its middle unless that is a window or narrow. */
const padsUnder = (inset: number, isWindow: boolean): number[] => {
  const [left, right] = [inset + PAD_IN, WIDE - inset - PAD_IN - PAD_WIDE]
  return isWindow || right - left < 2.5 * PAD_WIDE ? [left, right] : [left, (left + right) / 2, right]
}

/** A build in section, from the table up: heights to scale, each layer and what joins it named beside it. */
export const BuildSectionDrawing = ({
  layers,
  section,
  bare = false,
}: {
  readonly layers: readonly BuildLayer[]
  readonly section: BuildSection
  /** Without names: a picture of how it lies. */
  readonly bare?: boolean
}) => {
  const lengths = useLengths()
  const { t } = useTranslation()
  const foam = useId()
  const most = bare ? BARE_HIGH : HIGH
  const scale = Math.min(MOST_PX_PER_MM, most / Math.max(0.1, section.heightMm))
  const rowPx = 26
  const high = (bare ? most : Math.max(section.heightMm * scale, rowPx * layers.length)) + 24
  const y = (mm: number): number => high - 12 - mm * scale
  // Each name stands beside its layer, or as little above as the one below it leaves room.
  const labels: number[] = []
  let nextBelow = Infinity
  const fromBelow = [...section.layers.entries()].sort(([, one], [, other]) => one.fromMm - other.fromMm)
  for (const [at, { fromMm, toMm }] of fromBelow) {
    nextBelow = Math.min((y(fromMm) + y(toMm)) / 2 + 4, nextBelow - rowPx)
    labels[at] = nextBelow
  }
  return (
    <svg
      role="img"
      aria-label={t('cards.build.sectionSpoken', { height: lengths.thickness(section.heightMm), count: layers.length })}
      viewBox={`0 0 ${bare ? WIDE : WIDE + LABELS} ${high}`}
      className="block w-full max-w-xl"
    >
      <defs>
        <pattern id={foam} width="7" height="7" patternUnits="userSpaceOnUse">
          <circle cx="2" cy="2" r="1.1" fill="var(--color-ink-soft)" />
        </pattern>
      </defs>
      <path d={`M0 ${high - 12}H${WIDE}`} stroke="var(--color-ink)" strokeWidth="2" />
      {section.layers.map((placed, at) => {
        const layer = layers[at] as BuildLayer
        const inset = layer.lies === 'in' ? 60 : Math.min(70, at * 9)
        const [top, bottom] = [y(placed.toMm), y(placed.fromMm)]
        const labelY = labels[at] as number
        const isWindow = layers[at + 1]?.lies === 'behind'
        // What is behind a layer is between it and what it stands on.
        const foot = isWindow ? y(section.layers[at + 1]?.fromMm ?? 0) : bottom
        return (
          <g key={placed.id}>
            {placed.joinMm * scale >= 3 &&
              padsUnder(inset, isWindow).map((x) => (
                <rect
                  key={x}
                  x={x}
                  y={foot}
                  width={PAD_WIDE}
                  height={placed.joinMm * scale}
                  fill={`url(#${foam})`}
                  stroke="var(--color-ink-soft)"
                  strokeDasharray="3 3"
                />
              ))}
            <rect
              x={inset}
              y={top}
              width={WIDE - 2 * inset}
              height={Math.max(1.5, bottom - top)}
              fill={at % 2 === 0 ? 'var(--color-sunk)' : 'var(--color-leaf)'}
              stroke="var(--color-ink)"
            />
            {!bare && (
              <>
                <path
                  d={`M${WIDE - inset} ${(top + bottom) / 2}L${WIDE + 8} ${labelY - 4}`}
                  stroke="var(--color-ink-soft)"
                  fill="none"
                />
                <text x={WIDE + 12} y={labelY} fontSize="13" fill="var(--color-ink)">
                  {layer.name.slice(0, 22)} {lengths.thickness(placed.toMm - placed.fromMm)}
                </text>
              </>
            )}
          </g>
        )
      })}
    </svg>
  )
}
