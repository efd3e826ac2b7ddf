import { useGesture } from '@use-gesture/react'
import { type RefObject, useCallback, useEffect, useState } from 'react'
import { fitted, moved, scaled, type Framing } from './framing.js'

/** By how much a button makes the drawing larger. */
export const ZOOM_STEP = 1.4
/** How much larger a wheel's pixel makes it, as a power of two. */
const WHEEL_POWER = 0.002

export interface Zoom {
  readonly framing: Framing
  readonly width: number
  readonly height: number
  fit(): void
  by(factor: number): void
}

const isOnThing = (event: Event): boolean => (event.target as Element).closest('[data-thing]') !== null

/** Panning and zooming of a drawing in mm; what carries `data-thing` is dragged, not panned. */
export const useZoom = (ref: RefObject<SVGSVGElement | null>, widthMm: number, heightMm: number): Zoom => {
  const [framing, setFraming] = useState<Framing>({ k: 1, x: 0, y: 0 })
  const [size, setSize] = useState({ width: 0, height: 0 })

  useEffect(() => {
    const svg = ref.current
    if (!svg) return
    const watcher = new ResizeObserver(([entry]) => {
      if (entry) setSize({ width: entry.contentRect.width, height: entry.contentRect.height })
    })
    watcher.observe(svg)
    return () => watcher.disconnect()
  }, [ref])

  const pixelOf = ([clientX, clientY]: readonly [number, number]): readonly [number, number] => {
    const box = ref.current?.getBoundingClientRect()
    return [clientX - (box?.left ?? 0), clientY - (box?.top ?? 0)]
  }
  useGesture(
    {
      onDrag: ({ delta: [dx, dy], event, pinching, cancel, first }) => {
        if (pinching || (first && isOnThing(event))) return cancel()
        setFraming((now) => moved(now, dx, dy))
      },
      onPinch: ({ origin, offset: [scale], memo }) => {
        const before = (memo as number | undefined) ?? scale
        setFraming((now) => scaled(now, scale / before, pixelOf(origin)))
        return scale
      },
      onWheel: ({ event, delta: [, dy], ctrlKey }) => {
        event.preventDefault()
        if (!ctrlKey)
          setFraming((now) => scaled(now, 2 ** (-dy * WHEEL_POWER), pixelOf([event.clientX, event.clientY])))
      },
    },
    { target: ref, eventOptions: { passive: false }, drag: { filterTaps: true, pointer: { keys: false } } },
  )

  const { width, height } = size
  const fit = useCallback(() => {
    if (width > 0) setFraming(fitted({ width, height }, { widthMm, heightMm }))
  }, [width, height, widthMm, heightMm])
  // Shown whole again in a window, or of a card, of another size.
  const [fittedTo, setFittedTo] = useState('')
  const sizes = `${width} ${height} ${widthMm} ${heightMm}`
  if (width > 0 && fittedTo !== sizes) {
    setFittedTo(sizes)
    fit()
  }

  const by = useCallback(
    (factor: number) => setFraming((now) => scaled(now, factor, [width / 2, height / 2])),
    [width, height],
  )
  return { framing, width, height, fit, by }
}
