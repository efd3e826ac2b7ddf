import { dirname, join } from 'node:path'
import { seededRandom } from '@bold-heron/core'
import type { LookRead } from '@bold-heron/formats'
import sharp from 'sharp'
import { describe, expect, it } from 'vitest'
import { judged, leafLines, photoOf } from '../../../packages/formats/src/testing/photo.js'
import { heron, write } from './testing/calls.js'

const leaf = leafLines(80, 60)
const svg = `<svg xmlns='http://www.w3.org/2000/svg' width='100mm' height='80mm' viewBox='-50 -40 100 80'><path d='M${leaf[0]!
  .map((value, at) => (at % 2 === 0 && at > 0 ? `L${value}` : value))
  .join(' ')}'/></svg>`
const asked = {
  format: 'bold-heron/look',
  version: 1,
  picture: 'photo.png',
  die: { svg },
  sheet: { widthMm: 148, heightMm: 105 },
  placement: { xMm: 70, yMm: 54, rotationDeg: 0 },
  side: 'front',
  light: 'behind',
}

describe('heron look', () => {
  it('tells of a photo which stretches of the line hang', async () => {
    const photo = await photoOf({ lines: leaf, light: 'behind', hanging: 0.3, pixelsPerMm: 9 }, seededRandom(6))
    const { width, height, rgba } = photo.asked.picture
    const file = write('look.json', asked)
    await sharp(rgba, { raw: { width, height, channels: 4 } })
      .png()
      .toFile(join(dirname(file), 'photo.png'))
    const { status, stdout } = await heron('look', file)
    expect(status).toBe(0)
    const read = JSON.parse(stdout) as LookRead
    if (!read.read) throw new Error(read.why)
    expect(judged(photo, read.stretches).right).toBeGreaterThan(0.95)
    expect(await heron('validate', file)).toMatchObject({ status: 0 })
  })

  it('names what is wrong with its file', async () => {
    const both = await heron('look', write('both.json', { ...asked, die: { svg, file: 'leaf.svg' } }))
    expect([both.status, both.faults.join()]).toEqual([2, expect.stringContaining('die')])
    const none = await heron('look', write('none.json', { ...asked, picture: 'nowhere.png' }))
    expect([none.status, none.faults.join()]).toEqual([2, expect.stringContaining('picture')])
    const words = await heron('look', write('words.json', { ...asked, light: 'above' }))
    expect([words.status, words.faults.join()]).toEqual([2, expect.stringContaining('light')])
  })
})
