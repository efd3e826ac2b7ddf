import {
  compositeOf,
  type Die,
  type Drive,
  estimatedCaliper,
  difficultyOf,
  factsOfDieClass,
  feedEndOf,
  factsOfPressClass,
  type HouseRules,
  type KnownGoodStack,
  measured,
  type Outline,
  type Plate,
  type Polyline,
  type Press,
  type RollerFrame,
  settingsOf,
  type Sheet,
  standInOutline,
  strengthOfKind,
  techniqueOf,
} from '@bold-heron/core'
import type { DieEntry } from '../entered/die.js'
import type { HouseRulesInput } from '../entered/house-rules.js'
import type { OffcutInput } from '../entered/offcut.js'
import type { PlateInput } from '../entered/plate.js'
import type { KnownGoodStackRow, PressInput } from '../entered/press.js'
import type { WaxedPaper } from '../entered/press-run.js'
import type { SheetInput } from '../entered/sheet.js'

/** What a row has once it is stored, or named in a file. */
interface Named {
  readonly id: string
}

/** A stored plate as it lies there, all leaves that it may have open. */
export const toPlate = (row: PlateInput & Named): Plate => ({
  id: row.id,
  name: row.name,
  kind: row.kind,
  count: row.count,
  thickness: measured(row.thicknessMm, row.measuredBy),
  lengthMm: row.lengthMm,
  widthMm: row.widthMm,
  fullThicknessWidthMm: row.fullThicknessWidthMm,
  magnetic: row.magnetic,
  reservedForSteel: row.reservedForSteel,
  faces: [row.faceA, row.faceB],
  ...(row.pressId ? { atPress: row.pressId } : {}),
})

/** A stored plate as the planner takes it: one plate, or a platform in every way that its leaves can be set, all open first. */
export const toPlates = (row: PlateInput & Named): readonly Plate[] =>
  settingsOf(
    toPlate(row),
    (row.leaves ?? []).map(({ name, thicknessMm, measuredBy }) => ({
      name,
      thickness: measured(thicknessMm, measuredBy),
    })),
  )

/** Stored plates as the planner takes them, by id. */
export const platesById = (rows: readonly (PlateInput & Named)[]): Map<string, Plate> =>
  new Map(rows.flatMap(toPlates).map((plate) => [plate.id, plate]))

/** A stored die as the planner takes it: with its own lines where it has them, else with a stand-in for them. */
export const toDie = (
  row: DieEntry & Named & { readonly outline: Pick<Outline, 'source'> | null },
  lines?: readonly Polyline[],
): Die => ({
  id: row.id,
  name: row.name,
  dieClass: row.dieClass,
  lengthMm: row.lengthMm,
  widthMm: row.widthMm,
  height: measured(row.heightMm, row.heightMeasuredBy),
  bladeHeightMm: row.bladeHeightMm,
  bodyStripMm: row.bodyStripMm ?? factsOfDieClass(row.dieClass).bodyStripMm,
  fitForFoam: row.fitForFoam,
  feedEnd: feedEndOf(row.dieClass, row.feedEnd),
  difficulty: difficultyOf(row.dieClass, row.condition),
  ...(row.pieces === 1 ? {} : { pieces: row.pieces }),
  ...(row.mirrored === 0 ? {} : { mirrored: row.mirrored }),
  ...(row.owned === 1 ? {} : { owned: row.owned }),
  ...(row.guide?.made ? { hasGuide: true as const } : {}),
  outline:
    lines && row.outline
      ? { source: row.outline.source, lines }
      : standInOutline(row.dieClass, row.lengthMm, row.widthMm, row.laciness ?? factsOfDieClass(row.dieClass).laciness),
})

/** A stored sheet as the planner takes it; a caliper worked out from the weight keeps that estimate's spread. */
export const toSheet = (row: SheetInput & Named): Sheet => compositeOf(plainSheet(row), row.parts ?? [])

/** A stored sheet as a run takes it: as thick as its leftover was measured, where that was, and with the waxed paper that is laid on it. */
export const sheetOfRun = (
  row: SheetInput & Named,
  {
    leftover,
    waxedPaper,
  }: { readonly leftover: Pick<OffcutInput, 'caliperMm'> | null | undefined; readonly waxedPaper: WaxedPaper | null },
): Sheet =>
  toSheet({
    ...row,
    ...(leftover?.caliperMm ? { caliperMm: leftover.caliperMm, caliperBy: 'caliper' as const } : {}),
    ...(waxedPaper
      ? { parts: [...(row.parts ?? []), { part: 'waxed-paper' as const, caliperMm: waxedPaper.caliperMm }] }
      : {}),
  })

const plainSheet = (row: SheetInput & Named): Sheet => ({
  id: row.id,
  name: row.name,
  kind: row.kind,
  caliper:
    row.caliperBy === 'weight'
      ? { valueMm: row.caliperMm, spreadMm: estimatedCaliper(row.kind, row.grammage ?? undefined).spreadMm }
      : measured(row.caliperMm, row.caliperBy),
  shearStrengthMPa: row.shearStrengthMPa ?? strengthOfKind(row.kind).shearStrengthMPa,
  squashModulusMPa: row.squashModulusMPa ?? strengthOfKind(row.kind).squashModulusMPa,
  sizeMm: [row.lengthMm, row.widthMm],
})

/** mm. Dies of one class are made to the same height, whatever their thickness. From memory. */
const DIE_HEIGHT_SPREAD_MM = 0.05

const toKnownGood = (known: KnownGoodStackRow, id: string, plates: ReadonlyMap<string, Plate>): KnownGoodStack => ({
  id,
  technique: known.technique,
  bladeSide: techniqueOf(known.technique).bladeSide ?? known.bladeSide,
  ...(known.passes === null ? {} : { passes: known.passes }),
  ...(known.feel === null ? {} : { feel: known.feel }),
  dieClass: known.dieClass,
  dieHeight: {
    valueMm: known.dieHeightMm,
    spreadMm: Math.min(measured(known.dieHeightMm, 'table').spreadMm, DIE_HEIGHT_SPREAD_MM),
  },
  sheetCaliper: measured(known.sheetCaliperMm, 'table'),
  sheetCount: known.sheetCount,
  plates: known.plateIds.flatMap((plateId) => plates.get(plateId) ?? []),
})

/** Rollers, frame and drive of a press: its own numbers where they are known, else what is usual for its class. */
export const mechanicsOf = ({
  pressClass,
  throatMm,
  numbers,
}: Pick<PressInput, 'pressClass' | 'throatMm' | 'numbers'>): { frame: RollerFrame; drive: Drive } => {
  const usual = factsOfPressClass(pressClass)
  const own = new Map(numbers.map(({ name, value }) => [name, value]))
  const bearingSpanMm = own.get('bearingSpanMm') ?? usual.bearingSpanMm
  return {
    frame: {
      rollerDiameterMm: own.get('rollerDiameterMm') ?? usual.rollerDiameterMm,
      // A throat entered wider than the class's is still narrower than the span.
      bearingSpanMm: Math.max(bearingSpanMm, throatMm * 1.02),
      throatMm,
      rollerModulusMPa: own.get('rollerModulusMPa') ?? usual.rollerModulusMPa,
      frameStiffnessNPerMm: own.get('frameStiffnessNPerMm') ?? usual.frameStiffnessNPerMm,
    },
    drive:
      usual.drive.by === 'motor'
        ? { by: 'motor', stallN: own.get('stallForceN') ?? usual.drive.stallN }
        : {
            by: 'hand',
            limitN: own.get('handleLimitN') ?? usual.drive.limitN,
            crankArmMm: own.get('crankArmMm') ?? usual.drive.crankArmMm,
            gearRatio: own.get('gearRatio') ?? usual.drive.gearRatio,
          },
  }
}

/** A stored press as the planner takes it. `plates` must hold every plate its known-good stacks name, retired ones too. */
export const toPress = (
  row: Omit<PressInput, 'note' | 'lowMiddleMm'> & Partial<Pick<PressInput, 'lowMiddleMm'>> & Named,
  plates: ReadonlyMap<string, Plate>,
): Press => ({
  id: row.id,
  name: row.name,
  pressClass: row.pressClass,
  throatMm: row.throatMm,
  ...mechanicsOf(row),
  ...(row.lowMiddleMm ? { lowMiddleMm: row.lowMiddleMm } : {}),
  knownGood: row.knownGood.map((known, index) => toKnownGood(known, `${row.id}-${index + 1}`, plates)),
  ...(row.gap ? { gap: row.gap } : {}),
  felt: row.felt,
})

/** The house rules without how lengths are written. */
export const toHouseRules = (row: HouseRulesInput): HouseRules => ({
  bladeSide: row.bladeSide,
  passes: row.passes,
  hardPlateWithMagnet: row.hardPlateWithMagnet,
  hardPlateUnderOutline: row.hardPlateUnderOutline,
  leastChance: row.leastChance,
  mostStopChance: row.mostStopChance,
  mostPasses: row.mostPasses,
  handShare: row.handShare,
  trialStart: row.trialStart,
})
