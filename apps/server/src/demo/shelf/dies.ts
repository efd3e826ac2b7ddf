import { measureOutline } from '@bold-heron/core'
import { type DieInput, usualDie } from '@bold-heron/schema'
import { demoId } from '../demo-id.js'
import { demoOutlines } from '../outlines.js'

type DieLine = Pick<DieInput, 'name' | 'dieClass'> & Partial<DieInput>

/** A die whose size is that of its outline. */
const die = (key: keyof typeof demoOutlines, line: DieLine): DieInput => {
  const lines = demoOutlines[key]
  const measures = measureOutline(lines)
  if (!measures) throw new Error(`the demo's ${key} has no outline`)
  return {
    ...usualDie(line.dieClass),
    lengthMm: Math.round(measures.lengthMm * 10) / 10,
    widthMm: Math.round(measures.widthMm * 10) / 10,
    heightMeasuredBy: 'caliper',
    outline: {
      source: 'drawing',
      fileName: `${key.replace(/[A-Z]/g, (letter) => `-${letter.toLowerCase()}`)}.svg`,
      lines,
    },
    ...line,
  }
}

/** Dies of the Harbour Kite Weekend: an invented workshop with invented things. */
export const demoDies = {
  boxKite: die('boxKite', {
    name: 'Box kite outline',
    dieClass: 'thin-outline',
    guide: { hangs: 'On the nail beside the window', made: true },
  }),
  sailLace: die('sailLace', {
    name: 'Lattice sail lace',
    dieClass: 'thin-lace',
    note: 'Wants waxed paper to let go.',
  }),
  ropeBorder: die('ropeBorder', { name: 'Rope border', dieClass: 'thin-border' }),
  portholes: die('portholes', { name: 'Porthole rounds', dieClass: 'thin-outline' }),
  gulls: die('gulls', { name: 'Gull trio', dieClass: 'thin-outline', pieces: 3 }),
  numerals: die('numerals', { name: 'Pier numerals', dieClass: 'thin-outline', fitForFoam: true }),
  tideEdge: die('tideEdge', { name: 'Tide-wave edge', dieClass: 'thin-border' }),
  netCells: die('netCells', { name: 'Net of diamonds', dieClass: 'thin-border' }),
  halfKite: die('halfKite', { name: 'Half kite', dieClass: 'thin-outline' }),
  tailLace: die('tailLace', { name: 'Kite tail lace', dieClass: 'thin-lace' }),
  coverFrame: die('coverFrame', { name: 'Programme cover frame', dieClass: 'thin-outline', heightMm: 1.05 }),
  lanternFrame: die('lanternFrame', { name: 'Lantern window frame', dieClass: 'thin-outline' }),
  compassLace: die('compassLace', {
    name: 'Compass rose lace',
    dieClass: 'thin-lace',
    overDieId: demoId('die', 'lanternFrame'),
  }),
  tagBlock: die('tagBlock', { name: 'Anchor tag', dieClass: 'small-cased' }),
  pennantBlock: die('pennantBlock', { name: 'Pennant row', dieClass: 'small-cased' }),
  buoyBlock: die('buoyBlock', {
    name: 'Buoy block',
    dieClass: 'large-cased',
    heightMm: 12,
    heightMeasuredBy: 'ruler',
    bladeHeightMm: 4,
  }),
  letterK: die('letterK', { name: 'Pier letter K', dieClass: 'thin-outline' }),
  letterI: die('letterI', { name: 'Pier letter I', dieClass: 'thin-outline' }),
  letterT: die('letterT', { name: 'Pier letter T', dieClass: 'thin-outline' }),
  letterE: die('letterE', { name: 'Pier letter E', dieClass: 'thin-outline' }),
  harbourWindow: die('harbourWindow', { name: 'Harbour window', dieClass: 'thin-outline' }),
  lighthouse: die('lighthouse', { name: 'Lighthouse', dieClass: 'thin-outline' }),
  tideCrest: die('tideCrest', { name: 'Tide crest', dieClass: 'thin-outline' }),
  anchorShape: die('anchorShape', {
    name: 'Anchor, three layers',
    dieClass: 'shape',
    note: 'Three sheets of the heavy card and glue.',
  }),
  tideFolder: die('tideFolder', { name: 'Tide folder', dieClass: 'flat-folder', heightMm: 2.25 }),
  pennantFolder: die('pennantFolder', {
    name: 'Pennant folder',
    dieClass: 'cutting-folder',
    lengthMm: 110,
    widthMm: 110,
  }),
} satisfies Record<string, DieInput>

export type DemoDie = keyof typeof demoDies
