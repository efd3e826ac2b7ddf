import type { Picture } from '@bold-heron/formats'
import { dataAddressOf } from '../data-address.js'

/** Pixels of the longer side that are worked on; finer shows nothing more of a card. */
const LONGEST_PX = 2400

/** A picture file as pixels, made smaller where it is very large. Throws where it is no picture. */
export const readPicture = async (file: Blob): Promise<Picture> => {
  const bitmap = await createImageBitmap(file)
  const share = Math.min(1, LONGEST_PX / Math.max(bitmap.width, bitmap.height))
  const [width, height] = [Math.round(bitmap.width * share), Math.round(bitmap.height * share)]
  const canvas = new OffscreenCanvas(width, height)
  const context = canvas.getContext('2d')
  if (!context) throw new Error('no canvas')
  context.drawImage(bitmap, 0, 0, width, height)
  return { width, height, rgba: context.getImageData(0, 0, width, height).data }
}

/** Pixels as a data address of a JPEG, to be shown and kept. */
export const pictureAddress = async ({ width, height, rgba }: Picture): Promise<string> => {
  const canvas = new OffscreenCanvas(width, height)
  canvas.getContext('2d')?.putImageData(new ImageData(new Uint8ClampedArray(rgba), width, height), 0, 0)
  return dataAddressOf(await canvas.convertToBlob({ type: 'image/jpeg', quality: 0.85 }))
}
