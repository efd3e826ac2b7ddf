import { buildInput } from '@bold-heron/schema'
import { describe, expect, it } from 'vitest'
import { blankBuild, blankLayer, freshLayerId } from './blank.js'

describe('a card of layers to begin with', () => {
  it('gives each layer a name that no other has, whatever was taken out', () => {
    const layers = ['layer 1', 'layer 2', 'layer 4'].map((id) => blankLayer(id, ''))
    expect(freshLayerId(layers)).toBe('layer 5')
    expect(freshLayerId([])).toBe('layer 1')
    expect(freshLayerId(layers.slice(1))).toBe('layer 3')
  })

  it('is whole once it has a name and its layer a sheet', () => {
    const sheetId = '6f9619ff-8b86-4d01-b42d-00cf4fc964ff'
    const made = { ...blankBuild, name: 'Kite card', layers: [{ ...blankLayer('layer 1', sheetId), name: 'Kite' }] }
    expect(buildInput.safeParse(made).success).toBe(true)
    expect(buildInput.safeParse(blankBuild).success).toBe(false)
  })
})
