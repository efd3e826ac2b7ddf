import type { Plate } from '../layers/plate.js'
import type { Sheet } from '../materials/sheet.js'
import { IN_A_PACKET } from './constants.js'

const PREFIX = 'cards'

/** A press block of so many sheets of card glued up, as a plate that a stack can be built with. Sizes in mm. */
export const gluedBlock = (sheet: Sheet, count: number, lengthMm: number, widthMm: number): Plate => ({
  id: `${PREFIX}:${sheet.id}:${count}`,
  name: `${count} × ${sheet.name}`,
  kind: 'press-block',
  count: 1,
  thickness: { valueMm: count * sheet.caliper.valueMm, spreadMm: count * sheet.caliper.spreadMm },
  lengthMm,
  widthMm,
  fullThicknessWidthMm: widthMm,
  magnetic: false,
  faces: ['fresh', 'fresh'],
})

/** How many sheets a glued block is of, and of which sheet; undefined for anything else. */
export const gluedCount = (plateId: string): { readonly sheetId: string; readonly count: number } | undefined => {
  const [prefix, sheetId, count] = plateId.split(':')
  return prefix === PREFIX && sheetId !== undefined ? { sheetId, count: Number(count) } : undefined
}

/** How a stack of cards is made and tried: glued in threes, the rest single, thinnest first and one sheet more each time. */
export const gluingOrder = (
  count: number,
): { readonly packets: number; readonly singles: number; readonly tries: readonly number[] } => ({
  packets: Math.floor(count / IN_A_PACKET),
  singles: count % IN_A_PACKET,
  tries: [count - 1, count, count + 1].filter((each) => each > 0),
})
