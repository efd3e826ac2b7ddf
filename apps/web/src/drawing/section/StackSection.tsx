import { hasBlades, type Layer, type Stack } from '@bold-heron/core'
import { useId } from 'react'
import { useTranslation } from 'react-i18next'
import { useLengths } from '../../text/lengths.js'
import { bandsOf, halfChordMm } from './geometry.js'
import { Hatches, hatchOf } from './hatches.js'

/** Pixels of roller shown above and below the stack. */
const ROLLER_PX = 46
const BLADE_PITCH_PX = 22

export interface SectionSize {
  readonly widthPx: number
  readonly heightPx: number
}

/** How the section lies on the page: pixels per mm, and the page's y of a height in mm. */
export const sectionScale = (heightMm: number, gapMm: number, { heightPx }: SectionSize) => {
  const tallestMm = Math.max(heightMm, gapMm, 1)
  const pxPerMm = (heightPx - 2 * ROLLER_PX) / tallestMm
  return { pxPerMm, yOf: (mm: number): number => heightPx - ROLLER_PX - mm * pxPerMm }
}

/** Blades of a die as small teeth on the side they look at. */
const Blades = ({
  fromY,
  toY,
  widthPx,
  side,
}: {
  readonly fromY: number
  readonly toY: number
  readonly widthPx: number
  readonly side: 'down' | 'up'
}) => {
  const height = Math.max(4, Math.abs(fromY - toY) * 0.6)
  const tipY = side === 'down' ? fromY : toY
  const rootY = side === 'down' ? tipY - height : tipY + height
  const count = Math.floor(widthPx / BLADE_PITCH_PX)
  const teeth = Array.from({ length: count }, (_, at) => {
    const x = (at + 0.5) * BLADE_PITCH_PX
    return `M${x - 3.5} ${rootY}L${x} ${tipY}L${x + 3.5} ${rootY}Z`
  })
  return <path d={teeth.join('')} fill="var(--color-ink)" />
}

/** Where a lifted layer goes: an arrow down to what it comes to lie on. */
const LiftedArrow = ({ x, fromY, toY }: { readonly x: number; readonly fromY: number; readonly toY: number }) => (
  <path d={`M${x} ${fromY}V${toY}m-7 -8 7 8 7 -8`} fill="none" stroke="var(--color-accent-deep)" strokeWidth={3} />
)

/** Where things of a drawing stand: its scale, and what is derived from it. */
interface Drawn {
  readonly size: SectionSize
  readonly pxPerMm: number
  readonly yOf: (mm: number) => number
  readonly gapMm: number
  readonly radiusPx: number
}

const Rollers = ({ size: { widthPx, heightPx }, yOf, gapMm, radiusPx }: Drawn) => {
  const { t } = useTranslation()
  const middle = widthPx / 2
  return (
    <>
      <g fill="#dfe4e6" stroke="var(--color-ink)" strokeWidth={1.5}>
        <circle cx={middle} cy={yOf(0) + radiusPx} r={radiusPx} />
        <circle cx={middle} cy={yOf(gapMm) - radiusPx} r={radiusPx} />
      </g>
      <g fontSize={13} fill="var(--color-ink)" textAnchor="middle">
        {[15, heightPx - 7].map((y) => (
          <text key={y} x={middle} y={y}>
            {t('plan.stack.roller')}
          </text>
        ))}
      </g>
    </>
  )
}

/** A layer from one height to another, with its blades or the lines between its sheets. */
const LayerBand = ({
  layer,
  fromMm,
  toMm,
  fill,
  isBold,
  drawn: { size, pxPerMm, yOf },
}: {
  readonly layer: Layer
  readonly fromMm: number
  readonly toMm: number
  readonly fill: string
  readonly isBold: boolean
  readonly drawn: Drawn
}) => {
  const { widthPx } = size
  const top = yOf(toMm)
  return (
    <>
      <rect
        x={0}
        y={top}
        width={widthPx}
        height={Math.max(0.6, (toMm - fromMm) * pxPerMm)}
        fill={fill}
        stroke="var(--color-ink)"
        strokeWidth={isBold ? 3 : 0.8}
      />
      {layer.is === 'dies' && hasBlades(layer.dies) && (
        <Blades fromY={yOf(fromMm)} toY={top} widthPx={widthPx} side={layer.blade} />
      )}
      {layer.is === 'sheets' &&
        Array.from({ length: layer.count - 1 }, (_, sheet) => {
          const y = yOf(fromMm + ((sheet + 1) / layer.count) * (toMm - fromMm))
          return <line key={sheet} x1={0} x2={widthPx} y1={y} y2={y} stroke="var(--color-ink)" strokeWidth={0.6} />
        })}
    </>
  )
}

/** What of the stack lies inside the upper roller. */
const Squeezed = ({
  prefix,
  heightMm,
  chordPx,
  drawn: { size, yOf, gapMm, radiusPx },
}: {
  readonly prefix: string
  readonly heightMm: number
  readonly chordPx: number
  readonly drawn: Drawn
}) => {
  const middle = size.widthPx / 2
  return (
    <g stroke="var(--color-accent-deep)" strokeWidth={1.6}>
      <circle
        cx={middle}
        cy={yOf(gapMm) - radiusPx}
        r={radiusPx}
        fill={`url(#${prefix}-squeeze)`}
        fillOpacity={0.85}
        clipPath={`url(#${prefix}-stack)`}
      />
      <line x1={middle - chordPx} x2={middle + chordPx} y1={yOf(heightMm)} y2={yOf(heightMm)} />
    </g>
  )
}

/** How much the stack is squeezed, or that it lies loosely. */
const SqueezeMark = ({ squeezeMm, y }: { readonly squeezeMm: number; readonly y: number }) => {
  const lengths = useLengths()
  const { t } = useTranslation()
  return (
    <text
      x={8}
      y={y}
      fontSize={12.5}
      fill="var(--color-ink)"
      fontWeight={700}
      stroke="white"
      strokeWidth={3}
      strokeLinejoin="round"
      paintOrder="stroke"
    >
      {squeezeMm > 0 ? `${t('plan.stack.squeezeMark')} ${lengths.thickness(squeezeMm)}` : t('plan.stack.slackMark')}
    </text>
  )
}

/** How long a few millimetres, or an eighth of an inch, are in the drawing. */
const ScaleBar = ({ size: { widthPx, heightPx }, pxPerMm }: Drawn) => {
  const lengths = useLengths()
  const barMm = pxPerMm > 12 ? 2 : 5
  const bar = lengths.style.unit === 'mm' ? { mm: barMm, text: `${barMm} mm` } : { mm: 25.4 / 8, text: '1/8 in' }
  return (
    <g stroke="var(--color-ink)" strokeWidth={1.5} fontSize={12}>
      <path d={`M${widthPx - 10 - bar.mm * pxPerMm} ${heightPx - 20}v6h${bar.mm * pxPerMm}v-6`} fill="none" />
      <text x={widthPx - 10} y={heightPx - 24} textAnchor="end" stroke="none" fill="var(--color-ink)">
        {bar.text}
      </text>
    </g>
  )
}

/**
 * The stack in section between the two rollers, to scale. The rollers stand where they stand when empty; what of the stack
 * lies inside the upper one is the squeeze.
 */
export const StackSection = ({
  stack,
  gapMm,
  rollerRadiusMm,
  size,
  described,
  marked,
  lifted,
  tellsSqueeze = true,
}: {
  readonly stack: Stack
  readonly gapMm: number
  readonly rollerRadiusMm: number
  readonly size: SectionSize
  /** The drawing in words. */
  readonly described: string
  /** Index of the layer that the pointer or the keyboard is on. */
  readonly marked?: number | undefined
  /** Index of a layer that is drawn lifted out, on its way into its place. */
  readonly lifted?: number | undefined
  /** Whether the squeeze is told: not while the stack is being laid. */
  readonly tellsSqueeze?: boolean
}) => {
  const prefix = useId().replace(/[^\w-]/g, '')
  const bands = bandsOf(stack, lifted)
  const heightMm = bands.at(-1)?.toMm ?? 0
  const squeezeMm = heightMm - gapMm
  const isPressed = tellsSqueeze && lifted === undefined
  const { pxPerMm, yOf } = sectionScale(heightMm, gapMm, size)
  const { widthPx, heightPx } = size
  const drawn: Drawn = { size, pxPerMm, yOf, gapMm, radiusPx: rollerRadiusMm * pxPerMm }
  return (
    <svg
      role="img"
      aria-label={described}
      viewBox={`0 0 ${widthPx} ${heightPx}`}
      className="block h-auto w-full"
      style={{ maxWidth: widthPx }}
    >
      <defs>
        <Hatches prefix={prefix} />
        <clipPath id={`${prefix}-stack`}>
          <rect x={0} y={yOf(heightMm)} width={widthPx} height={heightMm * pxPerMm} />
        </clipPath>
        <pattern id={`${prefix}-squeeze`} width={6} height={6} patternUnits="userSpaceOnUse">
          <rect width={6} height={6} fill="#f7c9ad" />
          <path d="M0 0 6 6" stroke="var(--color-accent)" strokeWidth={1.4} />
        </pattern>
      </defs>
      <Rollers {...drawn} />
      {stack.map((layer, at) => {
        const { fromMm, toMm } = bands[at] as (typeof bands)[number]
        return (
          <g key={at}>
            {at === lifted && (
              <LiftedArrow x={widthPx / 2} fromY={yOf(fromMm) + 2} toY={yOf(bands[at - 1]?.toMm ?? 0) - 2} />
            )}
            <LayerBand
              layer={layer}
              fromMm={fromMm}
              toMm={toMm}
              fill={`url(#${prefix}-${hatchOf(layer)})`}
              isBold={at === marked || at === lifted}
              drawn={drawn}
            />
          </g>
        )
      })}
      {isPressed && squeezeMm > 0 && (
        <Squeezed
          prefix={prefix}
          heightMm={heightMm}
          chordPx={halfChordMm(rollerRadiusMm, squeezeMm) * pxPerMm}
          drawn={drawn}
        />
      )}
      {isPressed && <SqueezeMark squeezeMm={squeezeMm} y={Math.max(28, yOf(Math.max(heightMm, gapMm)) - 7)} />}
      <ScaleBar {...drawn} />
    </svg>
  )
}
