import { join } from 'node:path'
import sharp from 'sharp'
import { mapped, ontoCorners, type Pixel } from '../packages/formats/src/scan/homography.js'
import { boxAround, middleOf, seededRandom } from '../packages/core/src/index.js'
import { closeUp, photoOf } from '../packages/formats/src/testing/photo.js'
import { demoOutlines } from '../apps/server/src/demo/outlines.js'

/**
 * Draws the sample scans that Place's tracing can be tried on: a flat scan of what a die cut, and a photo of it from the side, on a
 * sheet of A6; and a photo of a cut that hangs, held against the light. Run by hand when the samples change: node --import tsx scripts/make-sample-scans.ts
 */
const SHEET = { widthMm: 148, heightMm: 105 }
const SAMPLE_PER_MM = 9
type Point = readonly [number, number]

type Corners = readonly [Point, Point, Point, Point]

/** Where a place of the sheet is in the picture, by the four corners of the sheet in it. */
const projected = (corners: Corners): ((x: number, y: number) => Point) => {
  const [p0, p1, p2, p3] = corners.map(([x, y]) => ({ x, y })) as [Pixel, Pixel, Pixel, Pixel]
  const map = ontoCorners(SHEET.widthMm, SHEET.heightMm, [p0, p1, p2, p3])
  if (!map) throw new Error('the corners make no sheet')
  return (x, y) => {
    const at = mapped(map, x, y)
    return [at.x, at.y]
  }
}

const path = (lines: readonly (readonly number[])[], at: Point, place: (x: number, y: number) => Point): string =>
  lines
    .map((line) => {
      let d = ''
      for (let index = 0; index + 1 < line.length; index += 2) {
        const [x, y] = place((line[index] as number) + at[0], (line[index + 1] as number) + at[1])
        d += `${index === 0 ? 'M' : 'L'}${x.toFixed(3)} ${y.toFixed(3)}`
      }
      return `${d}Z`
    })
    .join('')

const draw = async (
  file: string,
  size: Point,
  corners: Corners,
  lines: readonly (readonly number[])[],
  at: Point,
  table: string,
): Promise<void> => {
  const place = projected(corners)
  const sheet = corners.map(([x, y]) => `${x},${y}`).join(' ')
  const svg = `<svg xmlns="http://www.w3.org/2000/svg" width="${size[0]}" height="${size[1]}">
    <defs><linearGradient id="shade" x2="1" y2="1"><stop stop-color="#fdfbf4"/><stop offset="1" stop-color="#d9d4c6"/></linearGradient></defs>
    <rect width="100%" height="100%" fill="${table}"/><polygon points="${sheet}" fill="url(#shade)"/>
    <path d="${path(lines, at, place)}" fill="#2b3a48" fill-rule="evenodd"/></svg>`
  await sharp(Buffer.from(svg)).png({ palette: true, colours: 64 }).toFile(join('apps/web/public/samples', file))
}

await draw(
  'lighthouse-scan.png',
  [948, 690],
  [
    [30, 30],
    [918, 30],
    [918, 660],
    [30, 660],
  ],
  demoOutlines.lighthouse,
  [52, 22],
  '#8d8272',
)
await draw(
  'kite-photo.png',
  [1100, 820],
  [
    [150, 110],
    [990, 70],
    [1060, 760],
    [60, 700],
  ],
  demoOutlines.boxKite,
  [26, 15],
  '#6b5a45',
)

/** A cut of the sail lace held up to a window, as the Bench reads it: the feed goes up, as it lies in the press. */
const drawHanging = async (): Promise<void> => {
  const lines = (demoOutlines.sailLace ?? []).map((line) =>
    line.map((_, at) => (at % 2 === 0 ? (line[at + 1] as number) : -(line[at - 1] as number))),
  )
  const box = boxAround(lines)
  if (!box) throw new Error('the sail has no lines')
  const [middleX, middleY] = middleOf(box)
  const about = lines.map((line) => line.map((value, at) => value - (at % 2 === 0 ? middleX : middleY)))
  const photo = closeUp(
    await photoOf(
      {
        lines: about,
        light: 'behind',
        hanging: 0.12,
        pixelsPerMm: SAMPLE_PER_MM,
        lean: [6, -4],
        grain: 3,
        uneven: 0.25,
      },
      seededRandom(8),
      { widthMm: 160, heightMm: 160, xMm: 80, yMm: 80 },
    ),
    4,
    SAMPLE_PER_MM,
  )
  const { width, height, rgba } = photo.asked.picture
  await sharp(rgba, { raw: { width, height, channels: 4 } })
    .jpeg({ quality: 82 })
    .toFile(join('apps/web/public/samples', 'hanging-sail.jpg'))
}
await drawHanging()
