import { Eraser } from 'lucide-react'
import { useState } from 'react'
import { lineOf } from '../../drawing/cut-map/CutMapDrawing.js'
import type { StretchPaths } from '../../paths/stretch-paths.js'
import { Button } from '../../ui/Button.js'
import { viewBoxOf } from './HangingPicture.js'
import { isOn, type Side, sides, withPainted } from './painting.js'
import type { DiagnosisWords } from './words.js'

const STRETCH = 'data-stretch'

/** The stretch under a pointer, which a finger that was put down on another one does not tell by itself. */
const stretchAt = ({ clientX, clientY }: React.PointerEvent): number | undefined => {
  const name = document.elementFromPoint(clientX, clientY)?.getAttribute(STRETCH)
  return name === null || name === undefined ? undefined : Number(name)
}

/** The outline to paint on what hangs: by finger or mouse, stretch by stretch with the keys, or a whole side in one tap. */
export const PaintOutline = ({
  words: { paint: words },
  paths,
  painted,
  onChange,
}: {
  readonly words: DiagnosisWords
  readonly paths: StretchPaths
  readonly painted: readonly boolean[]
  readonly onChange: (painted: readonly boolean[]) => void
}) => {
  const [cursor, setCursor] = useState(0)
  /** The stroke that is under way, with what is painted by it so far: told when the finger is lifted. */
  const [stroke, setStroke] = useState<{ readonly paints: boolean; readonly painted: readonly boolean[] }>()
  const shown = stroke?.painted ?? painted
  const paintAt = (was: readonly boolean[], at: number, isHanging: boolean): readonly boolean[] =>
    was[at] === isHanging ? was : withPainted(was, (each) => each === at, isHanging)
  const draw = (at: number, paints: boolean) => {
    setCursor(at)
    setStroke({ paints, painted: paintAt(shown, at, paints) })
  }
  const lift = () => {
    if (stroke) onChange(stroke.painted)
    setStroke(undefined)
  }
  const paintSide = (side: Side) => {
    const its = (at: number): boolean => isOn(paths, at, side)
    const isWhole = painted.every((was, at) => was || !its(at))
    onChange(withPainted(painted, its, !isWhole))
  }
  const count = paths.stretches.length
  const step = (by: number) => setCursor((cursor + by + count) % count)
  return (
    <div className="space-y-2">
      <p>{words.how}</p>
      <div className="flex flex-wrap items-start gap-3">
        <svg
          aria-hidden
          viewBox={viewBoxOf(paths)}
          className="h-72 w-full max-w-md touch-none rounded-md border border-line bg-field"
          fill="none"
          onPointerDown={(event) => {
            const at = stretchAt(event)
            if (at !== undefined) draw(at, !shown[at])
          }}
          onPointerMove={(event) => {
            const at = stroke && stretchAt(event)
            if (at !== undefined) draw(at, stroke?.paints ?? true)
          }}
          onPointerUp={lift}
          onPointerLeave={lift}
        >
          {paths.stretches.map(({ d }, at) => (
            <g key={at}>
              <path d={d} vectorEffect="non-scaling-stroke" {...lineOf[shown[at] ? 'hanging' : 'clean']} />
              {/* What is touched is wider than what is seen. */}
              <path
                d={d}
                {...{ [STRETCH]: at }}
                vectorEffect="non-scaling-stroke"
                stroke="transparent"
                strokeWidth={18}
                strokeLinecap="round"
                pointerEvents="stroke"
              />
            </g>
          ))}
          <circle
            cx={paths.stretches[cursor]?.x}
            cy={paths.stretches[cursor]?.y}
            r={3}
            stroke="var(--color-accent)"
            strokeWidth={2}
            vectorEffect="non-scaling-stroke"
            pointerEvents="none"
          />
        </svg>
        <div className="flex min-w-48 flex-1 flex-col gap-2">
          <div className="flex flex-wrap gap-2" role="group" aria-label={words.side}>
            {sides.map((side) => (
              <Button key={side} className="min-h-12" onClick={() => paintSide(side)}>
                {words.sides[side]}
              </Button>
            ))}
          </div>
          <Button
            className="min-h-12 whitespace-normal"
            aria-pressed={painted[cursor] ?? false}
            onClick={() => onChange(paintAt(painted, cursor, !painted[cursor]))}
            onKeyDown={(event) => {
              const by = { ArrowRight: 1, ArrowDown: 1, ArrowLeft: -1, ArrowUp: -1 }[event.key]
              if (by === undefined) return
              event.preventDefault()
              event.stopPropagation()
              step(by)
            }}
          >
            {words.stretch(cursor + 1, count, painted[cursor] ?? false)}
          </Button>
          <Button
            look="quiet"
            className="min-h-12"
            icon={<Eraser aria-hidden size={18} />}
            disabled={!painted.includes(true)}
            onClick={() => onChange(painted.map(() => false))}
          >
            {words.clear}
          </Button>
          <p className="text-base text-ink-soft">{words.keys}</p>
        </div>
      </div>
    </div>
  )
}
