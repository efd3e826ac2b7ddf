import type { DieRow, OffcutRow, PlateRow, PressRow, SheetRow } from '@bold-heron/schema'
import type { ReactNode } from 'react'
import { DieThumb } from './DieThumb.js'
import { NestDrawing } from './nest/NestDrawing.js'
import { Photographed } from './photos/Photographed.js'
import { PlateSection } from './PlateSection.js'
import { PressPicture } from './PressPicture.js'
import { SheetSwatch } from './SheetSwatch.js'

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
  offcuts: ({ loops }) => <NestDrawing loops={loops} className="size-11 shrink-0" />,
  plates: (row) => (
    <Photographed kind="plates" id={row.id}>
      <PlateSection plate={row} />
    </Photographed>
  ),
}
