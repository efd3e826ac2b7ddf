import sharp from 'sharp'

/** Longest side of a kept photo, pixels; enough to see fibres. */
const LONGEST_PX = 1600
const QUALITY = 80
/** As many pixels as a good camera makes; what is packed to be larger is refused before it is unpacked. From memory. */
const MOST_PIXELS = 64_000_000
const FORMATS: readonly string[] = ['jpeg', 'png', 'webp']

// Pictures are unpacked on the few threads that the database's and the files' work needs too: one picture, on one of them.
sharp.concurrency(1)

export interface ReadPhoto {
  readonly jpeg: Buffer
  readonly width: number
  readonly height: number
}

/**
 * Reads a photo, judged by its content whatever it is called: turned upright, made small, and written anew as a JPEG, so that
 * nothing but its pixels is kept (no place, no time, no camera). Undefined for anything that is no JPEG, PNG or WebP, or
 * has more pixels than a camera makes.
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
