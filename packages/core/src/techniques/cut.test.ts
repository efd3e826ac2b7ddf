import { describe, expect, it } from 'vitest'
import { type DieClass, factsOfDieClass } from '../dies/classes/list.js'
import { typicalDie } from '../dies/typical.js'
import type { Layer } from '../layers/layer.js'
import type { Plate } from '../layers/plate.js'
import { aCut, aDie, aPlate, aPress, aSheet, layByHand, plateLayer } from '../testing/makers.js'
import { measured } from '../units/measured.js'
import { cutting } from './cut.js'
import { defaultHouseRules } from '../job/house-rules.js'
import { inspectStack } from './inspect.js'
import { techniqueIds, techniqueOf } from './list.js'
import { methodOf } from './method.js'
import { followsSequence } from './sequence.js'
import type { CutContext } from '../job/cut-context.js'

const platform = aPlate({ id: 'platform', name: 'Board', kind: 'platform', mm: 7, count: 1 })
const magnet = aPlate({ id: 'magnet', name: 'Magnet board', kind: 'platform', mm: 7, magnetic: true })
const steel = aPlate({ id: 'steel', name: 'Steel', kind: 'hard-plate', mm: 1 })
const spacer = aPlate({ id: 'spacer', kind: 'spacer', mm: 2 })
const pad = aPlate()

const stackOf = (cut: CutContext, bed: Plate, base = platform): Layer[] => {
  const sheets: Layer = { is: 'sheets', sheet: cut.sheet, count: cut.sheetCount }
  const dies: Layer = { is: 'dies', dies: cut.dies, blade: cut.bladeSide }
  return cut.bladeSide === 'down'
    ? [plateLayer(base), plateLayer(bed), sheets, dies, plateLayer(pad)]
    : [plateLayer(base), plateLayer(pad), dies, sheets, plateLayer(bed)]
}
const method = methodOf({ technique: 'cut', region: 'all' })
const codesOf = (cut: CutContext, stack: Layer[]) =>
  inspectStack(method, layByHand(cut, stack), cut).map(({ code, severity }) => `${severity} ${code}`)

describe('a usual stack', () => {
  it.each(['down', 'up'] as const)('has nothing against it, blade %s', (bladeSide) => {
    const cut = aCut({ bladeSide })
    expect(codesOf(cut, stackOf(cut, pad))).toEqual([])
  })

  it('knows what each plate is there for', () => {
    const roles = layByHand(aCut(), stackOf(aCut(), pad)).map((layer) => layer.is === 'plate' && layer.role)
    expect(roles).toEqual(['platform', 'bed', false, false, 'pad'])
  })

  it('warns of a lined face under what takes its marks, and only then', () => {
    const lined = aPlate({ id: 'lined', faces: ['lined', 'lined'] })
    const on = (kind: 'foil-paper' | 'smooth-card', bed: Plate) => {
      const cut = aCut({ sheet: aSheet({ kind, mm: 0.2 }) })
      return codesOf(cut, stackOf(cut, bed))
    }
    expect(on('foil-paper', lined)).toContain('caution face-marks-sheet')
    expect(on('smooth-card', lined)).not.toContain('caution face-marks-sheet')
    expect(on('foil-paper', pad)).toEqual([])
  })

  // Stacks as people have them. Common practice, no source.
  it('may do without a platform', () => {
    const without = (cut: CutContext) => stackOf(cut, pad).slice(1)
    for (const cut of [aCut(), aCut({ dies: [aDie({ dieClass: 'small-cased' })] })])
      expect(codesOf(cut, without(cut))).toEqual([])
  })

  it('may be filled up with a mat low in it; a thin one tears at the roller', () => {
    const mat = (mm: number) => aPlate({ id: `mat ${mm}`, name: 'Mat', kind: 'soft-mat', mm, count: 1 })
    const onMat = (cut: CutContext, mm: number) =>
      layByHand(cut, [{ is: 'plate', plate: mat(mm) }, ...stackOf(cut, pad).slice(1)])
    expect(codesOf(aCut(), [...onMat(aCut(), 3)])).toEqual([])
    expect(codesOf(aCut(), [...onMat(aCut(), 1)])).toEqual(['caution thin-mat-outermost'])
  })
})

describe('the blade', () => {
  it('must not look at a bare platform', () => {
    const cut = aCut()
    const [, , sheets, dies] = stackOf(cut, pad) as [Layer, Layer, Layer, Layer]
    expect(codesOf(cut, [plateLayer(platform), sheets, dies, plateLayer(pad)])).toContain('stop blade-on-bare-plate')
  })

  it('must not look away from the sheet', () => {
    const cut = aCut()
    const [base, bed, sheets] = stackOf(cut, pad) as [Layer, Layer, Layer]
    const turned: Layer = { is: 'dies', dies: cut.dies, blade: 'up' }
    expect(codesOf(cut, [base, bed, sheets, turned, plateLayer(pad)])).toContain('stop blade-misses-sheet')
  })

  it('must not meet the roller or a silicone mat', () => {
    const cut = aCut({ bladeSide: 'up' })
    const [base, below, dies, sheets] = stackOf(cut, pad) as [Layer, Layer, Layer, Layer]
    expect(codesOf(cut, [base, below, dies, sheets])).toContain('stop blade-meets-roller')
    const silicone = aPlate({ id: 'mat', kind: 'embossing-mat' })
    expect(codesOf(cut, [base, below, dies, sheets, plateLayer(silicone)])).toContain('stop blade-on-silicone')
  })
})

describe('a hard plate', () => {
  it('is the bed for lace', () => {
    const cut = aCut({ dies: [aDie({ dieClass: 'thin-lace' })] })
    expect(codesOf(cut, stackOf(cut, steel))).toEqual(['note pad-bows-with-steel'])
  })

  it('has nothing against it beside a pad that is kept for it, which no blade should land on', () => {
    const cut = aCut({ dies: [aDie({ dieClass: 'thin-lace' })] })
    const kept = aPlate({ reservedForSteel: true })
    const stack = stackOf(cut, steel).map((layer) =>
      layer.is === 'plate' && layer.plate === pad ? plateLayer(kept) : layer,
    )
    expect(codesOf(cut, stack)).toEqual([])
    expect(codesOf(aCut(), stackOf(aCut(), kept))).toEqual(['caution pad-reserved'])
  })

  it('stays away from long thin frames, even where the house allows it under outlines', () => {
    const frame = aDie({ lengthMm: 200, widthMm: 120 })
    const cut = aCut({ dies: [frame] })
    expect(codesOf(cut, stackOf(cut, steel))).toContain('stop hard-plate-under-long-frame')
    const allowing = aCut({ dies: [frame], rules: { ...defaultHouseRules, hardPlateUnderOutline: 'allowed' } })
    expect(codesOf(allowing, stackOf(allowing, steel))).toContain('caution hard-plate-under-long-frame')
  })

  it('never lies with a magnetic platform, unless the house allows it', () => {
    const lace = { dies: [aDie({ dieClass: 'thin-lace' })] }
    const cut = aCut(lace)
    expect(codesOf(cut, stackOf(cut, steel, magnet))).toContain('stop hard-plate-with-magnet')
    const allowing = aCut({ ...lace, rules: { ...defaultHouseRules, hardPlateWithMagnet: 'allowed' } })
    expect(codesOf(allowing, stackOf(allowing, steel, magnet))).toContain('caution hard-plate-with-magnet')
  })
})

describe('sizes', () => {
  it('stops a die wider than the throat, and a plate too', () => {
    const cut = aCut({ press: aPress({ throatMm: 100 }), dies: [aDie({ widthMm: 120 })] })
    const codes = codesOf(cut, stackOf(cut, pad))
    expect(codes).toContain('stop die-wider-than-throat')
    expect(codes).toContain('stop plate-wider-than-throat')
  })

  it('stops a die longer or wider than the pads, and warns where it hangs over the bevel', () => {
    const size = (lengthMm: number, widthMm: number) => aCut({ dies: [aDie({ lengthMm, widthMm })] })
    const codes = (cut: CutContext) => codesOf(cut, stackOf(cut, pad))
    expect(codes(size(301, 60))).toContain('stop die-longer-than-pad')
    expect(codes(size(80, 151))).toContain('stop die-wider-than-pad')
    expect(codes(size(80, 148))).toContain('caution die-over-bevel')
    expect(codes(size(300, 146))).toEqual([])
  })

  it('stops dies of different heights side by side', () => {
    const cut = aCut({ dies: [aDie(), aDie({ id: 'tall', height: measured(8.5, 'caliper') })] })
    expect(codesOf(cut, stackOf(cut, pad))).toContain('stop dies-differ-in-height')
  })
})

describe('sheets and faces', () => {
  const aDieOf = (dieClass: DieClass) => typicalDie(dieClass, measured(factsOfDieClass(dieClass).heightMm, 'caliper'))

  // Common practice, no source: thin 1–3 sheets, small cased 2–3, large cased about 5–6.
  it.each([
    ['thin-outline', 3],
    ['thin-lace', 3],
    ['small-cased', 3],
    ['large-cased', 6],
  ] as const)('takes %s dies up to %i sheets', (dieClass, most) => {
    const codes = (sheetCount: number) => cutting.ofJob(aCut({ dies: [aDieOf(dieClass)], sheetCount }))
    expect(codes(most)).toEqual([])
    expect(codes(most + 1).map((finding) => finding.code)).toEqual(['too-many-sheets'])
  })

  it('warns of one sheet that is thicker than three cards are under a thin die, and not under a cased one', () => {
    // Common practice, no source: thick board is for steel rule; three cards of 0.3 are the most that a thin die cuts.
    const codes = (dieClass: DieClass, mm: number, sheetCount = 1) =>
      cutting.ofJob(aCut({ dies: [aDieOf(dieClass)], sheet: aSheet({ mm }), sheetCount })).map(({ code }) => code)
    expect(codes('thin-outline', 0.8)).toEqual([])
    expect(codes('thin-outline', 1)).toEqual(['thicker-than-blade'])
    expect(codes('thin-lace', 0.5, 2)).toEqual(['thicker-than-blade'])
    expect(codes('small-cased', 1.5)).toEqual([])
    expect(codes('small-cased', 2.6)).toEqual(['thicker-than-blade'])
  })

  it('warns of foam under a die not marked fit for it', () => {
    const foam = aSheet({ kind: 'craft-foam' })
    expect(cutting.ofJob(aCut({ sheet: foam })).map((finding) => finding.code)).toEqual(['die-not-for-foam'])
    expect(cutting.ofJob(aCut({ sheet: foam, dies: [aDie({ fitForFoam: true })] }))).toEqual([])
  })

  it('warns of a bed without a fresh face', () => {
    const cut = aCut()
    const worn = aPlate({ id: 'worn', faces: ['scored', 'scored'] })
    expect(codesOf(cut, stackOf(cut, worn))).toContain('caution no-fresh-face')
    const lined = aPlate({ id: 'lined', faces: ['scored', 'lined'] })
    expect(codesOf(cut, stackOf(cut, lined))).toEqual(['note face-lined'])
  })
})

describe('the list of techniques', () => {
  it('finds each by its name', () => {
    for (const id of techniqueIds) expect(techniqueOf(id).id).toBe(id)
  })
})

describe('the sequence', () => {
  const places = cutting.places('thin-outline', 'down', defaultHouseRules)
  const follows = (layers: Layer[]) => followsSequence(layByHand(aCut(), layers), places)
  it('allows a spacer and shims between platform and bed', () => {
    const cut = aCut()
    const [base, bed, sheets, dies, top] = stackOf(cut, pad) as [Layer, Layer, Layer, Layer, Layer]
    const shim = plateLayer(aPlate({ id: 'shim', kind: 'shim' }))
    expect(follows([base, plateLayer(spacer), shim, shim, bed, sheets, dies, top])).toBe(true)
    expect(follows([base, bed, shim, sheets, dies, top])).toBe(false)
    expect(follows([base, bed, sheets, dies])).toBe(false)
  })
})
