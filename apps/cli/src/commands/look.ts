import { dirname, resolve } from 'node:path'
import { type LookRead, readLook } from '@bold-heron/formats'
import { lookFile } from '@bold-heron/schema'
import sharp from 'sharp'
import { drawingOf } from '../drawings.js'
import { Faults } from '../faults.js'
import { judged, readJson } from '../read-file.js'

/** A photo is taken no larger than this, pixels in all. */
const MOST_PIXELS = 64_000_000

/** The pixels of a picture's file, turned as its camera says. */
const pictureOf = async (file: string) => {
  try {
    const { data, info } = await sharp(file, { limitInputPixels: MOST_PIXELS })
      .rotate()
      .ensureAlpha()
      .toColourspace('srgb')
      .raw()
      .toBuffer({ resolveWithObject: true })
    return { width: info.width, height: info.height, rgba: new Uint8ClampedArray(data) }
  } catch (error) {
    throw new Faults([
      (t) => t('files.named-unreadable', { named: 'picture', file, value: (error as Error).message.slice(0, 120) }),
    ])
  }
}

/** Reads a photo of a cut against the light: which stretches of the die's lines hang. */
export const look = async (path: string): Promise<LookRead> => {
  const { die, picture, sheet, placement, side, light } = judged(lookFile, readJson(path))
  const folder = dirname(path)
  const drawing = await drawingOf({ ...die, path: 'die' }, folder)
  return readLook({
    picture: await pictureOf(resolve(folder, picture)),
    lines: drawing.drawn,
    on: { ...sheet, placement },
    side,
    light,
  })
}
