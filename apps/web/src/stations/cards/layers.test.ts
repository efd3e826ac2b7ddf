import { factsOfJoin, sectionOf } from '@bold-heron/core'
import { buildInput, type SheetRow } from '@bold-heron/schema'
import { describe, expect, it } from 'vitest'
import { blankLayer, freshLayerId } from './blank.js'
import { layersOf } from './layers-of.js'
import { buildOfStart, buildStartIds } from './starts.js'

const card = {
  id: 'ivory',
  name: 'Ivory card',
  kind: 'smooth-card',
  caliperMm: 0.31,
  measuredBy: 'caliper',
  parts: [],
} as unknown as SheetRow
const sheets = new Map([['ivory', card]])
const unnamed = (at: number) => `Layer ${at + 1}`

describe('the layers of a build', () => {
  it('are called by their own name, their sheet’s, or their place', () => {
    const layers = [{ ...blankLayer('a', 'ivory'), name: 'Front' }, blankLayer('b', 'ivory'), blankLayer('c', '')]
    expect(layersOf({ layers }, sheets, unnamed).map(({ name }) => name)).toEqual(['Front', 'Ivory card', 'Layer 3'])
  })

  it('are as thick as their sheets, or as ordinary card until one is picked', () => {
    const layers = [blankLayer('a', 'ivory'), blankLayer('b', '')]
    const [one, other] = layersOf({ layers }, sheets, unnamed)
    expect(one!.caliperMm).toBeCloseTo(0.31, 9)
    expect(other!.caliperMm).toBe(0.3)
  })

  it('get names that none has', () => {
    expect(freshLayerId([])).toBe('layer 1')
    expect(freshLayerId([blankLayer('layer 2', '')])).toBe('layer 3')
    expect(freshLayerId([blankLayer('layer 1', ''), blankLayer('layer 3', '')])).toBe('layer 4')
  })

  it.each(buildStartIds)('of what begins as %s can be saved once it has a name and its layers sheets', (start) => {
    const begun = buildOfStart(start, (layer) => layer)
    expect(buildInput.safeParse(begun).success).toBe(false)
    const sheetId = crypto.randomUUID()
    const named = { ...begun, name: 'Kite card', layers: begun.layers.map((layer) => ({ ...layer, sheetId })) }
    expect(buildInput.safeParse(named).success).toBe(true)
  })

  it('of a shaker stand on foam, with the film right behind the frame', () => {
    const layers = layersOf(
      buildOfStart('shaker', (layer) => layer),
      sheets,
      unnamed,
    )
    const section = sectionOf(layers)
    const placed = (name: string) => section.layers[layers.findIndex((layer) => layer.name === name)]!
    expect(placed('film').fromMm - placed('mat').toMm).toBeCloseTo(factsOfJoin('foam-pad').heightMm, 9)
    expect(placed('frame').fromMm).toBeGreaterThan(placed('film').toMm)
  })
})
