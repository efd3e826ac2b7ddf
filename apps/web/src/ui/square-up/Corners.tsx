import type { Picture, Pixel } from '@bold-heron/formats'
import { useDrag } from '@use-gesture/react'
import { useRef } from 'react'
import { useTranslation } from 'react-i18next'

/** Pixels of the picture that an arrow key moves a corner by; with Shift. */
const STEP_PX = 1
const COARSE_PX = 10

const Handle = ({
  at,
  name,
  radius,
  toPixel,
  onMove,
}: {
  readonly at: Pixel
  readonly name: string
  readonly radius: number
  readonly toPixel: (clientX: number, clientY: number) => Pixel | undefined
  readonly onMove: (to: Pixel) => void
}) => {
  const bind = useDrag(
    ({ xy: [x, y] }) => {
      const to = toPixel(x, y)
      if (to) onMove(to)
    },
    { pointer: { keys: false } },
  )
  const key = (event: React.KeyboardEvent) => {
    const step = event.shiftKey ? COARSE_PX : STEP_PX
    const ways: Record<string, readonly [number, number]> = {
      ArrowLeft: [-step, 0],
      ArrowRight: [step, 0],
      ArrowUp: [0, -step],
      ArrowDown: [0, step],
    }
    const way = ways[event.key]
    if (!way) return
    event.preventDefault()
    onMove({ x: at.x + way[0], y: at.y + way[1] })
  }
  return (
    <g {...bind()} role="button" tabIndex={0} aria-label={name} onKeyDown={key} className="cursor-move touch-none">
      <circle cx={at.x} cy={at.y} r={radius * 1.6} fill="transparent" />
      <circle
        cx={at.x}
        cy={at.y}
        r={radius}
        fill="rgb(255 255 255 / 0.35)"
        stroke="var(--color-accent)"
        strokeWidth={radius / 5}
      />
      <path
        d={`M${at.x - radius} ${at.y}H${at.x + radius}M${at.x} ${at.y - radius}V${at.y + radius}`}
        stroke="var(--color-accent)"
        strokeWidth={radius / 12}
      />
    </g>
  )
}

/** In the order that the corners are kept in. */
const cornerNames = ['topLeft', 'topRight', 'bottomRight', 'bottomLeft'] as const

/** A picture with the corners of a sheet, or the two ends of a known length, to be laid on it by dragging or by keys. */
export const Corners = ({
  picture,
  address,
  points,
  closed,
  onChange,
}: {
  readonly picture: Picture
  readonly address: string
  readonly points: readonly Pixel[]
  readonly closed: boolean
  readonly onChange: (points: Pixel[]) => void
}) => {
  const { t } = useTranslation()
  const ref = useRef<SVGSVGElement>(null)
  const { width, height } = picture
  const toPixel = (clientX: number, clientY: number): Pixel | undefined => {
    const inverse = ref.current?.getScreenCTM()?.inverse()
    if (!inverse) return undefined
    const at = new DOMPoint(clientX, clientY).matrixTransform(inverse)
    return { x: Math.min(width, Math.max(0, at.x)), y: Math.min(height, Math.max(0, at.y)) }
  }
  const d = points.map(({ x, y }, at) => `${at === 0 ? 'M' : 'L'}${x} ${y}`).join('') + (closed ? 'Z' : '')
  return (
    <svg
      ref={ref}
      viewBox={`0 0 ${width} ${height}`}
      className="mx-auto block max-h-[46vh] w-full bg-sunk"
      role="group"
      aria-label={t('trace.picture')}
    >
      <image href={address} width={width} height={height} />
      <path d={d} fill="none" stroke="var(--color-accent)" strokeWidth={2} vectorEffect="non-scaling-stroke" />
      {points.map((at, index) => (
        <Handle
          key={index}
          at={at}
          name={
            closed
              ? t(`trace.corner.${cornerNames[index] ?? 'topLeft'}`)
              : t(`trace.end.${index === 0 ? 'one' : 'other'}`)
          }
          radius={Math.max(width, height) / 60}
          toPixel={toPixel}
          onMove={(to) => onChange(points.map((each, other) => (other === index ? to : each)))}
        />
      ))}
    </svg>
  )
}
