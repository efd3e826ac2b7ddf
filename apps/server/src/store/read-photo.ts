import sharp from 'sharp'

/** Longest side of a kept photo, pixels; enough to see fibres. */
const LONGEST_PX = 1600
const QUALITY = 80
/** More pixels than any camera has; a packed bomb has more. */
const MOST_PIXELS = 120_000_000
const FORMATS: readonly string[] = ['jpeg', 'png', 'webp']

export interface ReadPhoto {
  readonly jpeg: Buffer
  readonly width: number
  readonly height: number
}

/**
 * Reads a photo, judged by its content whatever it is called: turned upright, made small, and written anew as a JPEG, so that
 * nothing but its pixels is kept (no place, no time, no camera). Undefined for anything that is no JPEG, PNG or WebP.
 */
export const readPhoto = async (content: Buffer): Promise<ReadPhoto | undefined> => {
  try {
    const image = sharp(content, { limitInputPixels: MOST_PIXELS, failOn: 'error' })
    const { format } = await image.metadata()
    if (!FORMATS.includes(format)) return undefined
    const { data, info } = await image
      .rotate()
      .resize({ width: LONGEST_PX, height: LONGEST_PX, fit: 'inside', withoutEnlargement: true })
      .flatten({ background: 'white' })
      .jpeg({ quality: QUALITY })
      .toBuffer({ resolveWithObject: true })
    return { jpeg: data, width: info.width, height: info.height }
  } catch {
    return undefined
  }
}
