import type { DieRow, OffcutRow, PlateRow, PressRow, SheetRow } from '@bold-heron/schema'
import { lazy, type ReactNode, Suspense } from 'react'
import { DieThumb } from './DieThumb.js'
import { Photographed } from './photos/Photographed.js'
import { PlateSection } from './PlateSection.js'
import { PressPicture } from './PressPicture.js'
import { SheetSwatch } from './SheetSwatch.js'

// Only leftovers need polygons to be drawn.
const NestDrawing = lazy(() => import('./nest/NestDrawing.js').then((its) => ({ default: its.NestDrawing })))

/** The kinds of things of the shelf, each with its row. */
export interface ShownRows {
  readonly dies: DieRow
  readonly sheets: SheetRow
  readonly presses: PressRow
  readonly plates: PlateRow
  readonly offcuts: OffcutRow
}
export type ShownKind = keyof ShownRows

/** What a thing of the shelf looks like, beside its name. */
export const pictureOf: { readonly [Kind in ShownKind]: (row: ShownRows[Kind]) => ReactNode } = {
  dies: (row) => (
    <Photographed kind="dies" id={row.id}>
      <DieThumb die={row} />
    </Photographed>
  ),
  sheets: (row) => <SheetSwatch sheet={row} />,
  presses: (row) => <PressPicture press={row} />,
  offcuts: ({ loops }) => (
    <Suspense fallback={<span className="size-11 shrink-0" />}>
      <NestDrawing loops={loops} className="size-11 shrink-0" />
    </Suspense>
  ),
  plates: (row) => (
    <Photographed kind="plates" id={row.id}>
      <PlateSection plate={row} />
    </Photographed>
  ),
}
