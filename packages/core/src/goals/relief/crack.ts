import { formingOfKind, type SheetKind } from '../../materials/sheet-kind.js'
import { CRACKS_HARDLY_TO, CRACKS_EXPECTED_FROM } from './constants.js'

/** Whether a sheet bears a shape of this height (mm) without cracking. */
export const crackOf = (heightMm: number, sheetMm: number, kind: SheetKind): 'fine' | 'caution' | 'expected' => {
  const bearsMm = sheetMm * formingOfKind(kind).crackFactor
  return heightMm <= CRACKS_HARDLY_TO * bearsMm
    ? 'fine'
    : heightMm <= CRACKS_EXPECTED_FROM * bearsMm
      ? 'caution'
      : 'expected'
}
