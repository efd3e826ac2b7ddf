import { buildInput, type SheetRow } from '@bold-heron/schema'
import { describe, expect, it } from 'vitest'
import { blankBuild, blankLayer, freshLayerId } from './blank.js'
import { layersOf } from './layers-of.js'

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

  it('of a new build can be saved once it has a name and a sheet', () => {
    expect(buildInput.safeParse(blankBuild).success).toBe(false)
    const sheetId = crypto.randomUUID()
    const named = { ...blankBuild, name: 'Kite card', layers: [blankLayer('layer 1', sheetId)] }
    expect(buildInput.safeParse(named).success).toBe(true)
  })
})
