import { seededRandom } from '../core/src/index.js'
import { readLook } from '../formats/src/index.js'
import { judged, laceLines, leafLines, photoOf } from '../formats/src/testing/photo.js'
const cases = [
  ['lace fallen', { lines: laceLines(60), light: 'behind', hanging: 0.15, pixelsPerMm: 12, fallenOut: 0.6 }],
  ['lace fallen dark', { lines: laceLines(60), light: 'dark-ground', hanging: 0.15, pixelsPerMm: 10, fallenOut: 0.6, lean: [15,-15] }],
  ['lace fallen lots', { lines: laceLines(60), light: 'behind', hanging: 0.6, pixelsPerMm: 12, fallenOut: 1 }],
  ['12MP', { lines: laceLines(70), light: 'behind', hanging: 0.3, pixelsPerMm: 24, lean: [10, 5] }],
  ['kerf 0.3', { lines: leafLines(80, 60), light: 'behind', hanging: 0.3, pixelsPerMm: 12, kerfMm: 0.3, contrast: 100 }],
  ['c25 8px', { lines: leafLines(80, 60), light: 'behind', hanging: 0.3, pixelsPerMm: 8, kerfMm: 0.1, contrast: 25, grain: 3 }],
  ['c25 8px dark', { lines: laceLines(60), light: 'dark-ground', hanging: 0.3, pixelsPerMm: 8, kerfMm: 0.2, contrast: 25, grain: 3, lean: [20,20], off: [2,2] }],
  ['blurry', { lines: leafLines(80, 60), light: 'behind', hanging: 0.3, pixelsPerMm: 10, blur: 2, contrast: 60 }],
  ['few hang', { lines: laceLines(60), light: 'behind', hanging: 0.05, pixelsPerMm: 12, lean: [-20, 5] }],
  ['most hang', { lines: laceLines(60), light: 'behind', hanging: 0.9, pixelsPerMm: 12, lean: [-20, 5] }],
] as const
for (const [name, wish] of cases) for (const seed of [1, 2, 3]) {
  const photo = await photoOf(wish as never, seededRandom(seed))
  const t = performance.now()
  const look = readLook(photo.asked)
  const ms = performance.now() - t
  if (!look.read) console.log(name, seed, `${photo.asked.picture.width}x${photo.asked.picture.height}`, ms.toFixed(0), 'ms', look)
  else { const j = judged(photo, look.stretches); console.log(name.padEnd(18), seed, ms.toFixed(0), 'ms misfit', look.misfitMm.toFixed(2), 'right', j.right.toFixed(3), 'sure', j.sure.toFixed(2), 'sureRight', j.sureRight.toFixed(3), 'share', look.hangingShare.toFixed(2)) }
}
