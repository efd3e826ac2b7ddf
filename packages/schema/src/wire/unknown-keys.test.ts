import { describe, expect, it } from 'vitest'
import { z } from 'zod'
import { borderFile } from '../files/border-file.js'
import { eveningOrderFile } from '../files/evening-file.js'
import { readAs } from './faults-of.js'
import { simulationFile } from '../files/simulation.js'
import { unknownKeys } from './unknown-keys.js'

const pathsIn = (schema: z.ZodType, input: unknown) =>
  unknownKeys(schema, input).map(({ path, code, limit }) => [path, code === 'unknown-key-near' ? limit : '?'])

describe('keys that a format does not know', () => {
  it('are found at any depth, with the nearest right name', () => {
    const order = {
      people: [{ id: 'ann', restmin: 10 }],
      batches: [
        { id: 'a', options: [{ pressId: 'p', minute: 3, plates: [{ plateId: 'x', role: 'bed', flipped: true }] }] },
      ],
      pins: {},
    }
    expect(pathsIn(eveningOrderFile, order)).toEqual([
      ['pins', '?'],
      ['people.0.restmin', 'restMin'],
      ['batches.0.options.0.minute', 'minutes'],
      ['batches.0.options.0.plates.0.flipped', '?'],
    ])
  })

  it('are judged by the shape that is meant', () => {
    const file = { format: 'bold-heron/simulation', version: 2, technique: 'crease', passes: 1, mats: {} }
    expect(pathsIn(simulationFile, file)).toEqual([['mats', 'mat']])
    const either = z.union([
      z.object({ is: z.literal('a'), one: z.number() }),
      z.object({ is: z.literal('b'), two: z.number() }),
    ])
    expect(pathsIn(either, { is: 'b', two: 2, one: 1 })).toEqual([['one', '?']])
  })

  it('are let through where nothing says that it is a file, as a row comes back with more than was entered', () => {
    const border = { dieLengthMm: 150, pitchMm: 10, stripLengthMm: 640, colour: 'red' }
    expect(readAs(z.object({ dieLengthMm: z.number() }), border).ok).toBe(true)
    const file = { format: 'bold-heron/border', version: 1, ...border }
    expect(readAs(borderFile, file)).toMatchObject({ ok: false, faults: [{ path: 'colour', code: 'unknown-key' }] })
    const { colour: _, ...known } = file
    expect(readAs(borderFile, known).ok).toBe(true)
  })
})
