import fc from 'fast-check'
import { expect, it } from 'vitest'
import { asJoined, fromTableUp } from './by-height.js'
import { type BuildLayer, layerLies, sectionOf } from './layers.js'

const layer = (id: string, lies: BuildLayer['lies'] = 'on'): BuildLayer => ({
  id,
  name: id,
  caliperMm: 0.3,
  sheets: 1,
  join: 'tape',
  joinMm: null,
  lies,
})
const ids = (layers: readonly BuildLayer[]): string => layers.map(({ id }) => id).join(' ')

it('a film and a flap behind a window lie under its front, the flap lowest', () => {
  const joined = [layer('base'), layer('front'), layer('film', 'behind'), layer('flap', 'behind'), layer('frame')]
  expect(ids(fromTableUp(joined))).toBe('base flap film front frame')
})

it('what is carried to the top lies on the one below, and is behind nothing', () => {
  const carried = asJoined([layer('base'), layer('front'), layer('film', 'behind')])
  expect(ids(carried)).toBe('base front film')
  expect(carried[2]!.lies).toBe('on')
})

const anyLayers = fc
  .array(fc.constantFrom(...layerLies), { minLength: 1, maxLength: 8 })
  .map((lies) => lies.map((lie, at) => layer(`layer ${at}`, at === 0 ? 'on' : lie)))

it('the order is that of the heights in section, but for what is let in', () => {
  fc.assert(
    fc.property(anyLayers, (layers) => {
      const flat = layers.map((each): BuildLayer => (each.lies === 'in' ? { ...each, lies: 'on' } : each))
      const height = new Map(sectionOf(flat).layers.map(({ id, fromMm }) => [id, fromMm]))
      const heights = fromTableUp(flat).map(({ id }) => height.get(id) as number)
      expect(heights).toEqual([...heights].sort((a, b) => a - b))
    }),
  )
})

it('laying and joining undo one another', () => {
  fc.assert(
    fc.property(anyLayers, (layers) => {
      expect(asJoined(fromTableUp(layers))).toEqual(layers)
    }),
  )
})
