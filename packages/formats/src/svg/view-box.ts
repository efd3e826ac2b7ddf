import type { Affine } from '@bold-heron/core'
import { Refusal } from '../fault.js'
import { readSvgLength } from './length.js'
import type { Attributes } from './shapes.js'

const MM_PER_PX = 25.4 / 96

/**
 * From user units to mm: the viewBox fitted into the physical width and height as `preserveAspectRatio` says (by default
 * whole and centred). Without a physical size, user units count as px of 1/96 in, and `assumed` says so.
 */
export const userUnitsToMm = (root: Attributes): { readonly matrix: Affine; readonly assumed: boolean } => {
  const width = readSvgLength(root['width'], 'svg width')
  const height = readSvgLength(root['height'], 'svg height')
  const widthMm = width && width.value * (width.mmPer ?? MM_PER_PX)
  const heightMm = height && height.value * (height.mmPer ?? MM_PER_PX)
  const assumed = width?.mmPer === undefined && height?.mmPer === undefined
  const box = root['viewBox']
    ?.trim()
    .split(/[\s,]+/)
    .map(Number)
  if (!box) return { matrix: [MM_PER_PX, 0, 0, MM_PER_PX, 0, 0], assumed }
  const [x, y, w, h] = box as [number, number, number, number]
  if (box.length !== 4 || !box.every(Number.isFinite) || !(w > 0 && h > 0))
    throw new Refusal('number-broken', 'svg viewBox', (root['viewBox'] ?? '').slice(0, 60))
  const scaleX = widthMm === undefined ? undefined : widthMm / w
  const scaleY = heightMm === undefined ? undefined : heightMm / h
  if (scaleX === undefined && scaleY === undefined)
    return { matrix: [MM_PER_PX, 0, 0, MM_PER_PX, -x * MM_PER_PX, -y * MM_PER_PX], assumed: true }
  const fit = root['preserveAspectRatio']?.trim() ?? ''
  if (fit.startsWith('none') && scaleX !== undefined && scaleY !== undefined)
    return { matrix: [scaleX, 0, 0, scaleY, -x * scaleX, -y * scaleY], assumed }
  const scales = [scaleX, scaleY].filter((scale) => scale !== undefined)
  const scale = fit.includes('slice') ? Math.max(...scales) : Math.min(...scales)
  return { matrix: [scale, 0, 0, scale, -x * scale, -y * scale], assumed }
}
