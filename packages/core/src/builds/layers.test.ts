import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { layerJoins } from '../materials/joins.js'
import { type BuildLayer, piecesWanted, sectionOf } from './layers.js'

const layer = (change: Partial<BuildLayer> = {}): BuildLayer => ({
  id: 'layer',
  name: '',
  caliperMm: 0.3,
  sheets: 1,
  join: 'tape',
  joinMm: null,
  lies: 'on',
  ...change,
})

describe('a build in section', () => {
  it('four layers, the last on foam pads, add up with what joins them', () => {
    const { heightMm } = sectionOf([
      layer(),
      layer({ join: 'wet-glue' }),
      layer({ join: 'adhesive-sheet' }),
      layer({ join: 'foam-pad' }),
    ])
    expect(heightMm).toBeCloseTo(4 * 0.3 + 0.02 + 0.1 + 1.5, 9)
  })

  it('an inlay of the same card is flush but for its join; of thinner card it lies deeper', () => {
    const open = [layer({ caliperMm: 0.32 }), layer({ caliperMm: 0.3, join: 'loose' })]
    const flush = sectionOf([...open, layer({ lies: 'in', join: 'loose' })])
    expect(flush.layers[2]!.proudMm).toBeCloseTo(0, 9)
    expect(flush.heightMm).toBeCloseTo(0.62, 9)
    expect(sectionOf([...open, layer({ lies: 'in', join: 'loose', caliperMm: 0.2 })]).layers[2]!.proudMm).toBeCloseTo(
      -0.1,
      9,
    )
    expect(sectionOf([...open, layer({ lies: 'in', caliperMm: 0.4 })]).layers[2]!.proudMm).toBeCloseTo(0.15, 9)
  })

  it('a film and a hinged flap behind a window raise its front, and lie below it', () => {
    const section = sectionOf([
      layer(),
      layer({ id: 'front' }),
      layer({ id: 'film', lies: 'behind', caliperMm: 0.1 }),
      layer({ id: 'flap', lies: 'behind', join: 'hinge', caliperMm: 0.2 }),
    ])
    const [base, front, film, flap] = section.layers
    // Base, flap on the hinge, film, front: 0.3, then the front's tape and 0.3, with 0.1 + 0.05 and 0.2 + 0.1 behind it.
    expect(section.heightMm).toBeCloseTo(0.3 + 0.05 + 0.3 + 0.15 + 0.3, 9)
    expect(base!.toMm).toBeLessThan(flap!.fromMm)
    expect(flap!.toMm).toBeLessThan(film!.fromMm)
    expect(film!.toMm).toBeLessThan(front!.fromMm)
    expect(front!.toMm).toBeCloseTo(section.heightMm, 9)
  })

  it('a fine layer on two plain ones is three sheets and two films of glue, which dry', () => {
    const section = sectionOf([layer({ sheets: 3 })])
    expect(section.heightMm).toBeCloseTo(0.94, 9)
    expect(section.dryingMinutes).toBeGreaterThan(0)
  })

  it('layers that lie on one another sum, whatever their order', () => {
    const any = fc.record({
      caliperMm: fc.double({ min: 0.05, max: 2, noNaN: true }),
      sheets: fc.integer({ min: 1, max: 4 }),
      join: fc.constantFrom(...layerJoins),
    })
    fc.assert(
      fc.property(fc.array(any, { minLength: 2, maxLength: 8 }), (changes) => {
        const layers = changes.map((change) => layer(change))
        const { layers: placed, heightMm } = sectionOf(layers)
        const sum = placed.reduce((all, { joinMm, fromMm, toMm }) => all + joinMm + (toMm - fromMm), 0)
        expect(heightMm).toBeCloseTo(sum, 9)
        const [first, ...rest] = layers
        const turned = [first!, ...rest.reverse()]
        expect(sectionOf(turned).heightMm).toBeCloseTo(heightMm, 9)
      }),
    )
  })
})

it('24 cards with two gulls each, glued up of three, want 144 gulls', () => {
  expect(piecesWanted(24, { each: 2, sheets: 3 })).toBe(144)
})
