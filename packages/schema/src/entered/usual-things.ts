import { type DieClass, factsOfDieClass } from '@bold-heron/core'
import type { DieInput } from './die.js'
import type { SheetInput } from './sheet.js'

/** A sheet as somebody begins to write one down: A4 card of the weight that most is cut of. Common practice, no source. */
export const usualSheet = {
  name: '',
  kind: 'smooth-card',
  grammage: 250,
  weightTyped: '250 g/m²',
  caliperMm: 0.313,
  caliperBy: 'weight',
  shearStrengthMPa: null,
  squashModulusMPa: null,
  lengthMm: 297,
  widthMm: 210,
  stock: 10,
  grain: 'unknown',
  patterned: false,
  colour: '',
  note: '',
} as const satisfies SheetInput

/** A die as somebody begins to write one down: as high as is usual for its class. */
export const usualDie = (dieClass: DieClass = 'thin-outline') => {
  const { heightMm, bladeHeightMm, cased } = factsOfDieClass(dieClass)
  return {
    name: '',
    dieClass,
    lengthMm: 80,
    widthMm: 60,
    heightMm,
    heightMeasuredBy: 'table',
    bladeHeightMm,
    bodyStripMm: null,
    overDieId: null,
    guide: null,
    madeOf: null,
    laciness: null,
    fitForFoam: cased,
    condition: 'used',
    pieces: 1,
    mirrored: 0,
    owned: 1,
    feedEnd: 'usual',
    note: '',
  } as const satisfies DieInput
}
