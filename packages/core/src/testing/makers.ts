import type { Die } from '../dies/die.js'
import { factsOfDieClass } from '../dies/classes/list.js'
import { usualFeedEnd } from '../dies/feed-end.js'
import { difficultyOf } from '../dies/difficulty.js'
import { standInOutline } from '../dies/stand-in.js'
import type { Layer, Role } from '../layers/layer.js'
import type { Plate } from '../layers/plate.js'
import type { Stack } from '../layers/stack.js'
import type { Sheet } from '../materials/sheet.js'
import { strengthOfKind } from '../materials/sheet-kind.js'
import { type RandomSource, randomInteger, randomItem } from '../numerics/random.js'
import type { KnownGoodStack, Press } from '../press/press.js'
import { factsOfPressClass } from '../press/press-class.js'
import { defaultHouseRules } from '../job/house-rules.js'
import { type LaidLayer, withRoles } from '../techniques/give-roles.js'
import { methodOf } from '../techniques/method.js'
import type { CutContext } from '../job/cut-context.js'
import { measured } from '../units/measured.js'

/** Small things for tests, each plain unless told otherwise. */
export const aPlate = ({ mm, ...more }: Partial<Plate> & { mm?: number } = {}): Plate => ({
  id: 'pad',
  name: 'Pad',
  kind: 'cutting-pad',
  count: 2,
  thickness: measured(mm ?? 3, 'caliper'),
  lengthMm: 300,
  widthMm: 150,
  fullThicknessWidthMm: 146,
  magnetic: false,
  faces: ['fresh', 'fresh'],
  ...more,
})

export const aDie = (more: Partial<Die> = {}): Die => ({
  id: 'die',
  name: 'Die',
  dieClass: 'thin-outline',
  lengthMm: 80,
  widthMm: 60,
  height: measured(factsOfDieClass(more.dieClass ?? 'thin-outline').heightMm, 'caliper'),
  bladeHeightMm: factsOfDieClass(more.dieClass ?? 'thin-outline').bladeHeightMm,
  bodyStripMm: factsOfDieClass(more.dieClass ?? 'thin-outline').bodyStripMm,
  fitForFoam: false,
  feedEnd: usualFeedEnd(more.dieClass ?? 'thin-outline'),
  difficulty: difficultyOf(more.dieClass ?? 'thin-outline', 'used'),
  outline: standInOutline(
    more.dieClass ?? 'thin-outline',
    more.lengthMm ?? 80,
    more.widthMm ?? 60,
    factsOfDieClass(more.dieClass ?? 'thin-outline').laciness,
  ),
  ...more,
})

export const aSheet = ({ mm, ...more }: Partial<Sheet> & { mm?: number } = {}): Sheet => ({
  id: 'sheet',
  name: 'Card',
  kind: 'smooth-card',
  caliper: measured(mm ?? 0.3, 'caliper'),
  ...strengthOfKind(more.kind ?? 'smooth-card'),
  ...more,
})

export const aPress = (more: Partial<Press> = {}): Press => ({
  id: 'press',
  name: 'Press',
  pressClass: 'small-hand',
  throatMm: 165,
  frame: factsOfPressClass('small-hand'),
  drive: factsOfPressClass('small-hand').drive,
  knownGood: [],
  felt: [],
  ...more,
})

export const aKnownGood = (more: Partial<KnownGoodStack> = {}): KnownGoodStack => ({
  id: 'known',
  dieClass: 'thin-outline',
  dieHeight: measured(1, 'caliper'),
  sheetCaliper: measured(0.3, 'caliper'),
  sheetCount: 1,
  plates: [],
  ...more,
})

export const aCut = (more: Partial<CutContext> = {}): CutContext => ({
  press: aPress(),
  dies: [aDie()],
  sheet: aSheet(),
  sheetCount: 1,
  bladeSide: 'down',
  rules: defaultHouseRules,
  ...more,
})

/** What a plate of a kind is there for in the plain stacks of tests. */
const usualRole: Partial<Record<Plate['kind'], Role>> = {
  platform: 'platform',
  spacer: 'spacer',
  shim: 'shim',
  'press-block': 'block',
  'cutting-pad': 'pad',
}

export const plateLayer = (plate: Plate, role: Role = usualRole[plate.kind] ?? 'bed'): Layer => ({
  is: 'plate',
  plate,
  role,
})

/** A plain cut's stack as a hand lays it: each plate in the role of its place. */
export const layByHand = (cut: CutContext, layers: readonly LaidLayer[]): Stack =>
  withRoles(layers, methodOf({ technique: 'cut', region: 'all' }), cut)

const shelfKinds = [
  ['platform', 6, 10],
  ['spacer', 1, 2.5],
  ['cutting-pad', 2.8, 3.2],
  ['hard-plate', 0.9, 1.1],
  ['soft-mat', 2.8, 3.2],
  ['shim', 0.08, 0.9],
] as const

/** A shelf as somebody might own it: thicknesses to 0.01 mm, every way of measuring, worn and fresh faces. */
export const randomShelf = (random: RandomSource, entries: number): Plate[] =>
  Array.from({ length: entries }, (_, index) => {
    const [kind, low, high] = index < shelfKinds.length ? shelfKinds[index]! : randomItem(random, shelfKinds)
    const mm = Math.round((low + (high - low) * random()) * 100) / 100
    return aPlate({
      id: `p${index}`,
      name: `${kind} ${index}`,
      kind,
      count: randomInteger(random, 1, kind === 'shim' ? 5 : 2),
      thickness: measured(mm, randomItem(random, ['caliper', 'caliper', 'ruler', 'table'])),
      lengthMm: randomInteger(random, 60, 320),
      widthMm: randomInteger(random, 55, 170),
      fullThicknessWidthMm: 55,
      magnetic: (kind === 'platform' || kind === 'shim') && random() < 0.3,
      faces: [randomItem(random, ['fresh', 'lined', 'scored']), randomItem(random, ['lined', 'scored'])],
    })
  })
