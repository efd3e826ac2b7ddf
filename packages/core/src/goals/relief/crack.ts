import { formingOfKind, type SheetKind } from '../../materials/sheet-kind.js'

/** Heights of a shape against the sheet's thickness and kind up to which it is fine, and from which it is expected to crack. Common practice and memory. */
const FINE = 4
const EXPECTED = 6

/** Whether a sheet bears a shape of this height (mm) without cracking. */
export const crackOf = (heightMm: number, sheetMm: number, kind: SheetKind): 'fine' | 'caution' | 'expected' => {
  const bearsMm = sheetMm * formingOfKind(kind).crackFactor
  return heightMm <= FINE * bearsMm ? 'fine' : heightMm <= EXPECTED * bearsMm ? 'caution' : 'expected'
}
