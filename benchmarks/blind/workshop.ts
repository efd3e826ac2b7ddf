import type { CutContext, Die, Plate, Press } from '../../packages/core/src/index.js'
import {
  factsOfPressClass,
  measured,
  pressClasses,
  standInOutline,
  strengthOfKind,
} from '../../packages/core/src/index.js'
import { type RandomSource, randomItem } from '../../packages/core/src/numerics/random.js'
import { aDie, aPlate, aPress, aSheet } from '../../packages/core/src/testing/makers.js'
import { defaultHouseRules } from '../../packages/core/src/job/house-rules.js'
import { typicalDie } from '../../packages/core/src/dies/typical.js'
import { asPressed } from '../../packages/core/src/techniques/as-pressed.js'
import type { TechniqueId } from '../../packages/core/src/techniques/list.js'

/** A shelf of ten plates and five kinds of shim that goes with a press: right for a gap, and narrow enough for its throat. Lengths in mm. */
export const shelfFor = (gapMm: number, throatMm: number, random: RandomSource): Plate[] => {
  const about = (mm: number): number => Math.round(mm * (1 + 0.04 * (random() - 0.5)) * 100) / 100
  const plate = (id: string, kind: Plate['kind'], mm: number, count = 1): Plate =>
    aPlate({
      id,
      name: id,
      kind,
      mm: about(mm),
      count,
      lengthMm: 320,
      widthMm: throatMm - 5,
      fullThicknessWidthMm: throatMm - 9,
    })
  return [
    plate('platform', 'platform', gapMm - 7.6),
    plate('thin platform', 'platform', gapMm - 8.6),
    plate('spacer', 'spacer', 2),
    plate('thin spacer', 'spacer', 1.5),
    plate('pad', 'cutting-pad', 3, 2),
    plate('long pad', 'cutting-pad', 2.95, 2),
    plate('thin pad', 'cutting-pad', 1.6),
    plate('steel', 'hard-plate', 1),
    plate('mat', 'soft-mat', 3),
    plate('thick spacer', 'spacer', 3.1),
    plate('paper', 'shim', 0.1, 6),
    plate('card', 'shim', 0.3, 5),
    plate('heavy card', 'shim', 0.45, 3),
    plate('film', 'shim', 0.18, 4),
    plate('board', 'shim', 0.8, 2),
  ]
}

const sizes: Record<'thin-outline' | 'thin-lace' | 'thin-border', () => [number, number]> = {
  'thin-outline': () => [80, 60],
  'thin-lace': () => [90, 80],
  'thin-border': () => [140, 22],
}

const aThinDie = (random: RandomSource): Die => {
  const dieClass = randomItem(random, ['thin-outline', 'thin-lace', 'thin-border'] as const)
  const [alongMm, acrossMm] = sizes[dieClass]()
  const scale = 0.75 + 0.5 * random()
  const [lengthMm, widthMm] = [alongMm * scale, acrossMm * scale]
  const laciness = dieClass === 'thin-lace' ? 0.4 + 0.5 * random() : 0
  return aDie({
    id: `die ${random()}`,
    dieClass,
    lengthMm,
    widthMm,
    height: measured(1, 'caliper'),
    outline: standInOutline(dieClass, lengthMm, widthMm, laciness),
  })
}

export const aBlindPress = (random: RandomSource): Press => {
  const pressClass = randomItem(random, pressClasses)
  const { drive, ...frame } = factsOfPressClass(pressClass)
  return aPress({ id: 'press', pressClass, frame, throatMm: frame.throatMm, drive })
}

/** A job on the press: a thin die of any kind over one to three sheets of card. */
export const aBlindCut = (press: Press, random: RandomSource): CutContext => {
  const kind = randomItem(random, ['smooth-card', 'smooth-card', 'textured-card'] as const)
  const caliperMm = kind === 'smooth-card' ? 0.2 + 0.2 * random() : 0.3 + 0.2 * random()
  return {
    press,
    dies: [aThinDie(random)],
    sheet: { ...aSheet({ id: `${kind} ${caliperMm}`, mm: caliperMm, kind }), ...strengthOfKind(kind) },
    sheetCount: randomItem(random, [1, 1, 2]),
    bladeSide: 'down',
    rules: defaultHouseRules,
  }
}

/** The same shelf with two embossing mats and an impression pad. */
export const matShelfFor = (press: Press, random: RandomSource): Plate[] => {
  const size = { lengthMm: 320, widthMm: press.throatMm - 5, fullThicknessWidthMm: press.throatMm - 9 }
  return [
    ...shelfFor(factsOfPressClass(press.pressClass).gapMm, press.throatMm, random),
    aPlate({ id: 'thin mat', name: 'thin mat', kind: 'embossing-mat', mm: 1, count: 1, ...size }),
    aPlate({ id: 'thick mat', name: 'thick mat', kind: 'embossing-mat', mm: 3, count: 1, ...size }),
    aPlate({ id: 'impression pad', name: 'impression pad', kind: 'impression-pad', mm: 3, count: 1, ...size }),
  ]
}

/** mm. Two or three layers of heavy card, glued up. */
const SHAPE_MM = [0.6, 0.9] as const

/** A job that is pressed into a mat, or a folder: one sheet of card, creased, raised, or formed. */
export const aBlindForming = (press: Press, random: RandomSource): { technique: TechniqueId; cut: CutContext } => {
  const technique = randomItem(random, ['crease', 'crease', 'raise', 'folder'] as const)
  const die =
    technique === 'crease'
      ? aThinDie(random)
      : technique === 'raise'
        ? typicalDie('shape', measured(randomItem(random, SHAPE_MM), 'caliper'))
        : typicalDie(randomItem(random, ['flat-folder', 'deep-folder'] as const), measured(2.2, 'caliper'))
  const { sheet } = aBlindCut(press, random)
  const cut: CutContext = {
    press,
    dies: [{ ...die, id: `${technique} ${random()}` }],
    sheet,
    sheetCount: 1,
    bladeSide: 'up',
    rules: defaultHouseRules,
  }
  return { technique, cut: asPressed(technique, cut) }
}
