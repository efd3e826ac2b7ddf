import type { ChartRequest } from '../chart/chart-request.js'
import { USUAL_PER_BASE } from '../chart/chart-request.js'
import { type DieClass, factsOfDieClass } from '../dies/classes/list.js'
import { standInOutline } from '../dies/stand-in.js'
import type { Plate } from '../layers/plate.js'
import { type RandomSource, randomInteger, randomItem } from '../numerics/random.js'
import { measured } from '../units/measured.js'
import { aDie, aKnownGood, aPlate, aPress, aSheet } from './makers.js'
import { defaultHouseRules } from '../job/house-rules.js'

const plate = (id: string, kind: Plate['kind'], mm: number, more: Partial<Plate> = {}): Plate =>
  aPlate({ id, name: id, kind, mm, ...more })

/** A shelf as a workshop of some years has it: platforms, spacers, pads, steel, and shims of six thicknesses. */
const aWorkshopShelf = (): Plate[] => [
  plate('platform', 'platform', 7, { count: 1 }),
  plate('thick platform', 'platform', 9.2, { count: 1 }),
  plate('thin spacer', 'spacer', 1.2, { count: 1 }),
  plate('spacer', 'spacer', 2.03, { count: 1 }),
  plate('small spacer', 'spacer', 1.5, { count: 1 }),
  plate('pads', 'cutting-pad', 3.02, { faces: ['lined', 'fresh'] }),
  plate('more pads', 'cutting-pad', 2.98, { count: 3 }),
  plate('old pad', 'cutting-pad', 2.91, { count: 1, faces: ['scored', 'scored'] }),
  plate('mat', 'soft-mat', 3, { count: 1 }),
  plate('steel', 'hard-plate', 0.98, { count: 1 }),
  plate('paper', 'shim', 0.1, { count: 12 }),
  plate('film', 'shim', 0.18, { count: 3 }),
  plate('brass', 'shim', 0.25, { count: 2 }),
  plate('card', 'shim', 0.31, { count: 6 }),
  plate('box card', 'shim', 0.5, { count: 6 }),
  plate('rubber', 'shim', 0.8, { count: 1 }),
]

const classes: readonly DieClass[] = ['thin-outline', 'thin-outline', 'thin-lace', 'thin-border', 'small-cased']

/** A chart of so many dies and sheets on a press with a known stack. */
export const aChart = (random: RandomSource, rows: number, columns: number): ChartRequest => {
  const shelf = aWorkshopShelf()
  const find = (id: string): Plate => shelf.find((each) => each.id === id) as Plate
  return {
    technique: 'cut',
    press: aPress({
      knownGood: [
        aKnownGood({ passes: 2, plates: [find('platform'), find('card'), find('paper'), find('pads'), find('pads')] }),
      ],
    }),
    bladeSide: 'down',
    rules: defaultHouseRules,
    shelf,
    rows: Array.from({ length: rows }, (_, at) => {
      const dieClass = randomItem(random, classes)
      const [lengthMm, widthMm] = [randomInteger(random, 40, 110), randomInteger(random, 40, 100)]
      const { heightMm, laciness } = factsOfDieClass(dieClass)
      return {
        id: `die ${at}`,
        name: `Die ${at}`,
        dies: [
          aDie({
            id: `die ${at}`,
            dieClass,
            lengthMm,
            widthMm,
            height: measured(Math.round((heightMm + 0.1 * (random() - 0.5)) * 100) / 100, 'caliper'),
            outline: standInOutline(dieClass, lengthMm, widthMm, laciness),
          }),
        ],
        worn: [],
        workedBefore: {},
      }
    }),
    columns: Array.from({ length: columns }, (_, at) => {
      const mm = Math.round((0.1 + (0.8 * at) / Math.max(1, columns - 1) + 0.05 * random()) * 100) / 100
      const kind = randomItem(random, ['smooth-card', 'smooth-card', 'textured-card', 'foil-paper'] as const)
      return { id: `sheet ${at}`, name: `Sheet ${at}`, sheet: aSheet({ id: `sheet ${at}`, mm, kind }) }
    }),
    perBase: USUAL_PER_BASE,
  }
}
