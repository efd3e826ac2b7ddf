import { describe, expect, it } from 'vitest'
import type { Layer } from '../layers/layer.js'
import { regionIds } from '../placement/placed-run.js'
import { aCut, aDie, aPlate, plateLayer } from '../testing/makers.js'
import { withRoles } from './give-roles.js'
import { inspectStack } from './inspect.js'
import { methodOf } from './method.js'
import { regionOf } from './regions/list.js'
import { followsSequence } from './sequence.js'
import { type CutContext, dieClassOf, jobLayer } from '../job/cut-context.js'

const board = aPlate({ id: 'board', kind: 'platform', mm: 7 })
const pad = aPlate()
const other = aPlate({ id: 'other', name: 'Other pad' })
const block = aPlate({ id: 'block', kind: 'press-block', mm: 8, lengthMm: 100, widthMm: 75, fullThicknessWidthMm: 75 })
/** A pad too small for the die, which only fills the stack up. */
const filler = aPlate({ id: 'filler', name: 'Filler', lengthMm: 40, widthMm: 40, fullThicknessWidthMm: 40 })

const inRegion = (region: (typeof regionIds)[number]) => methodOf({ technique: 'cut', region })
const codesOf = (region: (typeof regionIds)[number], cut: CutContext, layers: readonly Layer[]) =>
  inspectStack(inRegion(region), withRoles(layers, inRegion(region), cut), cut).map(
    ({ code, severity }) => `${severity} ${code}`,
  )

it('finds each region by its name', () => {
  for (const id of regionIds) expect(regionOf(id).id).toBe(id)
})

describe('a cut up to a line', () => {
  const cut = aCut({ edgePadId: 'pad' })
  const under = (top: typeof pad) => [
    plateLayer(board),
    plateLayer(pad, 'bed'),
    jobLayer('sheets', cut),
    jobLayer('dies', cut),
    plateLayer(top),
  ]

  it('wants the very pad that was placed on the line, and nothing else of its bed', () => {
    expect(codesOf('to-line', cut, under(pad))).toEqual([])
    expect(codesOf('to-line', cut, under(other))).toEqual(['stop not-the-placed-pad'])
    expect(codesOf('all', cut, under(other))).toEqual([])
  })

  it('takes any pad where none was placed', () => {
    const { edgePadId: _, ...any } = cut
    expect(codesOf('to-line', any, under(other))).toEqual([])
  })
})

describe('a cut under a block', () => {
  const cut = aCut({ dies: [aDie({ lengthMm: 100, widthMm: 90 })] })
  const above = [jobLayer('sheets', cut), jobLayer('dies', cut)]

  it('wants a block behind the die', () => {
    const withBlock = [plateLayer(board), plateLayer(pad, 'bed'), ...above, plateLayer(block)]
    expect(codesOf('under-block', cut, withBlock)).toEqual([])
    const without = [plateLayer(board), plateLayer(pad, 'bed'), ...above, plateLayer(pad)]
    expect(codesOf('under-block', cut, without)).toEqual(['stop block-missing'])
  })

  it('may leave the platform out, and be filled up with a pad that need not cover the die', () => {
    const stack = [plateLayer(filler), plateLayer(pad, 'bed'), ...above, plateLayer(block)]
    expect(codesOf('under-block', cut, stack)).toEqual([])
    const roles = withRoles(stack, inRegion('under-block'), cut).map((layer) => layer.is === 'plate' && layer.role)
    expect(roles).toEqual(['spacer', 'bed', false, false, 'block'])
  })

  it('has the block on the other side of the die with the blade up', () => {
    const up = aCut({ bladeSide: 'up' })
    const stack = [
      plateLayer(board),
      plateLayer(block),
      jobLayer('dies', up),
      jobLayer('sheets', up),
      plateLayer(pad, 'bed'),
    ]
    expect(codesOf('under-block', up, stack)).toEqual([])
  })
})

describe('roles given by hand', () => {
  it('are those of the sequence, and then the stack follows it', () => {
    for (const region of regionIds)
      for (const bladeSide of ['down', 'up'] as const) {
        const cut = aCut({ bladeSide })
        const places = inRegion(region).places(dieClassOf(cut), bladeSide, cut.rules)
        const layers = places.flatMap((place): Layer[] => {
          if (place.is !== 'plates') return [jobLayer(place.is, cut)]
          const [kind] = place.kinds
          return place.least > 0 && kind
            ? [{ is: 'plate', plate: aPlate({ id: place.role, kind }), role: 'spacer' }]
            : []
        })
        const stack = withRoles(layers, inRegion(region), cut)
        expect(followsSequence(stack, places)).toBe(true)
        for (const layer of stack) if (layer.is === 'plate') expect(layer.role).toBe(layer.plate.id)
      }
  })

  it('are those of their places in an order that no technique has', () => {
    const cut = aCut()
    const stack = [
      plateLayer(pad),
      plateLayer(board),
      plateLayer(pad),
      jobLayer('sheets', cut),
      jobLayer('dies', cut),
      plateLayer(other),
      plateLayer(pad),
    ]
    const roles = withRoles(stack, inRegion('all'), cut).map((layer) => layer.is === 'plate' && layer.role)
    expect(roles).toEqual(['spacer', 'platform', 'bed', false, false, 'pad', 'spacer'])
  })
})
