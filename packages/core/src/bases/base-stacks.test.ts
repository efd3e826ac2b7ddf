import { describe, expect, it } from 'vitest'
import type { Plate } from '../layers/plate.js'
import { seededRandom } from '../numerics/random.js'
import { defaultHouseRules } from '../job/house-rules.js'
import { methodOf } from '../techniques/method.js'
import { aCut, aDie, aPlate, randomShelf } from '../testing/makers.js'
import { isFramedPlace } from '../stacks/places.js'
import type { Place } from '../techniques/technique.js'
import { basesIn } from './base-stacks.js'

const reach = [4, 12] as const
const everyPlate = () => true

/** Every frame by trying all plates in all places, the same pieces on the same bed once. */
const slowBases = (places: readonly Place[], shelf: readonly Plate[]): Set<string> => {
  const framed = places.filter(isFramedPlace)
  const found = new Set<string>()
  const fill = (at: number, chosen: readonly (Plate | undefined)[]): void => {
    const place = framed[at]
    if (!place) {
      const mm = chosen.reduce((sum, plate) => sum + (plate?.thickness.valueMm ?? 0), 0)
      const enough = chosen.every((plate) => !plate || chosen.filter((other) => other === plate).length <= plate.count)
      const bed = chosen[framed.findIndex(({ role }) => role === 'bed')]
      if (enough && mm >= reach[0] && mm <= reach[1])
        found.add(
          `${chosen
            .flatMap((plate) => plate?.id ?? [])
            .sort()
            .join(' ')} on ${bed?.id}`,
        )
      return
    }
    const below = chosen.at(-1)
    const covers = place.over && below && place.over.includes(below.kind)
    if (place.over ? !covers : place.least === 0) fill(at + 1, [...chosen, undefined])
    if (!place.over || covers)
      for (const plate of shelf) if (place.kinds.includes(plate.kind)) fill(at + 1, [...chosen, plate])
  }
  fill(0, [])
  return found
}

describe('bases of a series of places', () => {
  it.each(['down', 'up'] as const)('are those of trying every plate in every place, blade %s', (side) => {
    const method = methodOf({ technique: 'cut', region: 'all' })
    const sequences = method.sequences(aCut({ bladeSide: side }))
    for (let seed = 1; seed <= 6; seed++) {
      const shelf = randomShelf(seededRandom(seed), 9)
      for (const places of sequences) {
        const bases = basesIn(places, shelf, everyPlate, reach, 'bed')
        const framed = places.filter(isFramedPlace)
        const names = bases.map(({ plates }) => {
          const bed = plates[framed.findIndex(({ role }) => role === 'bed')]
          return `${plates
            .flatMap((plate) => plate?.id ?? [])
            .sort()
            .join(' ')} on ${bed?.id}`
        })
        expect(new Set(names)).toEqual(slowBases(places, shelf))
        expect(new Set(names).size).toBe(names.length)
      }
    }
  })

  it('never leave steel on top bare against the roller', () => {
    const rules = { ...defaultHouseRules, hardPlateUnderOutline: 'allowed' } as const
    const cut = aCut({ bladeSide: 'up', rules, dies: [aDie({ dieClass: 'thin-outline' })] })
    const [places] = methodOf({ technique: 'cut', region: 'all' }).sequences(cut)
    const shelf = [
      aPlate({ id: 'platform', kind: 'platform', mm: 4 }),
      aPlate({ id: 'steel', kind: 'hard-plate', mm: 1 }),
      aPlate({ id: 'pad', kind: 'cutting-pad', mm: 3, count: 2 }),
    ]
    const withSteel = basesIn(places as readonly Place[], shelf, everyPlate, reach, 'bed').filter(({ plates }) =>
      plates.some((plate) => plate?.kind === 'hard-plate'),
    )
    expect(withSteel.length).toBeGreaterThan(0)
    for (const { plates } of withSteel) expect(plates.at(-1)?.kind).toBe('cutting-pad')
  })
})
