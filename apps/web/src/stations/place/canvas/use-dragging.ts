import {
  type Die,
  keyOfThing,
  type LaidThing,
  moveThing,
  type Placement,
  snapAlong,
  type Snapped,
} from '@bold-heron/core'
import { useState } from 'react'
import { boxesOfOthers, boxOfThing } from '../geometry-of.js'

/** Pixels within which a thing catches hold of a line. */
const CATCH_PX = 7

/** A thing on its way, mm on the card, and the lines that it has caught hold of. */
export interface Dragged {
  readonly key: string
  readonly dx: number
  readonly dy: number
  readonly snaps: readonly (Snapped & { readonly axis: 'x' | 'y' })[]
}

/** Dragging things about the card; where `snap` is on they catch hold of edges and middles. */
export const useDragging = ({
  placement,
  dieOf,
  scale,
  mirror,
  snap,
  onChange,
}: {
  readonly placement: Placement
  readonly dieOf: (id: string) => Die | undefined
  /** Pixels a millimetre. */
  readonly scale: number
  /** The view as a matrix: one that is mirrored moves the other way on the card. */
  readonly mirror: readonly [number, number, number, number, number, number]
  readonly snap: boolean
  readonly onChange: (edit: (placement: Placement) => Placement) => void
}) => {
  const [dragged, setDragged] = useState<Dragged>()

  const drag = (thing: LaidThing) => (px: number, py: number) => {
    let dx = (px / scale) * mirror[0]
    let dy = (py / scale) * mirror[3]
    const snaps: Dragged['snaps'][number][] = []
    const box = boxOfThing(placement, thing, dieOf)
    if (snap && box) {
      const others = boxesOfOthers(placement, thing, dieOf)
      const shifted = { fromX: box.fromX + dx, toX: box.toX + dx, fromY: box.fromY + dy, toY: box.toY + dy }
      const alongX = snapAlong('x', shifted, placement.card, others, CATCH_PX / scale)
      if (alongX) {
        dx += alongX.byMm
        snaps.push({ ...alongX, axis: 'x' })
      }
      const caught = { ...shifted, fromX: box.fromX + dx, toX: box.toX + dx }
      const alongY = snapAlong('y', caught, placement.card, others, CATCH_PX / scale)
      if (alongY) {
        dy += alongY.byMm
        snaps.push({ ...alongY, axis: 'y' })
      }
    }
    setDragged({ key: keyOfThing(thing), dx, dy, snaps })
  }
  const drop = (thing: LaidThing) => () => {
    if (dragged && (dragged.dx !== 0 || dragged.dy !== 0)) onChange(moveThing(thing, dragged.dx, dragged.dy))
    setDragged(undefined)
  }
  return { dragged, drag, drop }
}
