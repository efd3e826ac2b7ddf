import { select } from 'd3-selection'
import { zoom, zoomIdentity, type ZoomBehavior, type ZoomTransform } from 'd3-zoom'
import { type RefObject, useCallback, useEffect, useRef, useState } from 'react'

/** Pixels a millimetre: from a whole table to a single fibre. */
const SCALES: [number, number] = [0.4, 40]
/** Pixels left free round the card, the rulers included. */
const FREE_PX = 34
const STEP = 1.4

export interface Zoom {
  readonly transform: ZoomTransform
  readonly width: number
  readonly height: number
  fit(): void
  by(factor: number): void
}

/** Panning and zooming of a drawing in mm; what carries `data-thing` is dragged, not panned. */
export const useZoom = (ref: RefObject<SVGSVGElement | null>, widthMm: number, heightMm: number): Zoom => {
  const [transform, setTransform] = useState<ZoomTransform>(zoomIdentity)
  const [size, setSize] = useState({ width: 0, height: 0 })
  const behaviour = useRef<ZoomBehavior<SVGSVGElement, unknown> | null>(null)

  useEffect(() => {
    const svg = ref.current
    if (!svg) return
    const made = zoom<SVGSVGElement, unknown>()
      .scaleExtent(SCALES)
      .filter(
        (event: Event) =>
          !(event.target as Element).closest('[data-thing]') && !('button' in event && event.button !== 0),
      )
      .on('zoom', (event: { transform: ZoomTransform }) => setTransform(event.transform))
    behaviour.current = made
    select(svg).call(made).on('dblclick.zoom', null)
    const watcher = new ResizeObserver(([entry]) => {
      if (entry) setSize({ width: entry.contentRect.width, height: entry.contentRect.height })
    })
    watcher.observe(svg)
    return () => {
      watcher.disconnect()
      select(svg).on('.zoom', null)
    }
  }, [ref])

  const { width, height } = size
  const fit = useCallback(() => {
    const svg = ref.current
    if (!svg || !behaviour.current || width === 0) return
    const scale = Math.min((width - 2 * FREE_PX) / widthMm, (height - 2 * FREE_PX) / heightMm)
    const x = (width - scale * widthMm) / 2 + FREE_PX / 3
    const y = (height - scale * heightMm) / 2 + FREE_PX / 3
    select(svg).call(behaviour.current.transform, zoomIdentity.translate(x, y).scale(scale))
  }, [ref, width, height, widthMm, heightMm])
  useEffect(fit, [fit])

  const by = useCallback(
    (factor: number) => {
      if (ref.current && behaviour.current) select(ref.current).call(behaviour.current.scaleBy, factor)
    },
    [ref],
  )
  return { transform, width, height, fit, by }
}

export const ZOOM_STEP = STEP
