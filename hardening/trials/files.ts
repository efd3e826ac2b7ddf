import sharp from 'sharp'
import { startServerProcess } from '../../e2e/fixtures/server-process.js'
import { readDrawing } from '../../packages/formats/src/index.js'
import { sheetInputs } from '../../apps/server/src/testing/inputs.js'
import { type Answer, ask, rowsOf } from '../ask.js'
import { watchOthers } from '../others.js'
import { LONGEST_MS, type Scene, type Trial } from '../scene.js'

const svg = (content: string, size = '100mm'): string =>
  `<svg xmlns="http://www.w3.org/2000/svg" width="${size}" height="${size}" viewBox="0 0 100 100">${content}</svg>`

const many = (count: number, part: (at: number) => string): string =>
  Array.from({ length: count }, (_, at) => part(at)).join('')

/** Drawings that cost far more than they look; `scale` is how much of each, 1 for as much as once stopped a server. */
const drawings = (scale: number): Readonly<Record<string, string>> => {
  const count = (most: number): number => Math.max(2, Math.round(most * scale))
  return {
    'use-of-empties.svg': svg(
      `<defs><path id="a" d="${'M0 0'.repeat(count(5000))}"/></defs>${'<use href="#a"/>'.repeat(count(4000))}`,
    ),
    'doctypes.svg': '<!DOCTYPE '.repeat(count(60_000)),
    'entities.svg': `<!DOCTYPE svg [${many(12, (at) => `<!ENTITY e${at} "${`&e${at - 1};`.repeat(10)}">`)}]>${svg('&e11;')}`,
    'nested.svg': svg('<g>'.repeat(count(50_000)) + '</g>'.repeat(count(50_000))),
    'uses-of-uses.svg': svg(
      `<defs><g id="u0"><rect width="1" height="1"/></g>${many(20, (at) => `<g id="u${at + 1}"><use href="#u${at}"/><use href="#u${at}"/></g>`)}</defs><use href="#u20"/>`,
    ),
    'uses-itself.svg': svg('<g id="a"><use href="#a"/></g>'),
    'one-long-line.svg': svg(`<path d="M0 0${many(count(200_000), (at) => `L${at % 97} ${at % 89}`)}"/>`),
    'squares.svg': svg(
      many(count(20_000), (at) => `<rect x="${at % 140}" y="${Math.floor(at / 140)}" width="0.5" height="0.5"/>`),
    ),
    'equal-segments.svg': svg(many(count(49_000), () => '<path d="M0 0L10 10"/>')),
    'arcs.svg': svg(`<path d="M0 0${'A1e9 1e9 0 1 1 1e-9 1e-9'.repeat(count(5000))}"/>`),
    'transforms.svg': svg(`<g transform="${'scale(1.0001) '.repeat(count(50_000))}"><rect width="1" height="1"/></g>`),
    'numbers.svg': svg(`<path d="M${'1'.repeat(count(400_000))} 0L1e999 -1e999"/>`),
    'dots.svg': svg(`<path d="M${'.5'.repeat(count(300_000))}"/>`),
    'count.dxf': [
      '0',
      'SECTION',
      '2',
      'ENTITIES',
      '0',
      'LWPOLYLINE',
      '90',
      '2000000000',
      '10',
      '0',
      '20',
      '0',
      '0',
      'ENDSEC',
      '0',
      'EOF',
    ].join('\n'),
    'no-seqend.dxf': [
      '0',
      'SECTION',
      '2',
      'ENTITIES',
      '0',
      'POLYLINE',
      '66',
      '1',
      '0',
      'VERTEX',
      '10',
      '0',
      '20',
      '0',
      '0',
      'ENDSEC',
      '0',
      'EOF',
    ].join('\n'),
    'inserts.dxf': [
      '0',
      'SECTION',
      '2',
      'ENTITIES',
      ...Array<string>(count(20_000)).fill('0\nINSERT\n2\nX\n70\n30000\n71\n30000'),
      '0',
      'ENDSEC',
      '0',
      'EOF',
    ].join('\n'),
    'half.dxf': '0\nSECTION\n2\nENTITIES\n0\nLINE\n10\n',
    'nothing.svg': '',
    'zeros.dxf': '\u0000'.repeat(count(500_000)),
  }
}

const simulationOf = (drawing: string) => ({
  format: 'bold-heron/simulation',
  version: 1,
  press: {
    rollerDiameterMm: 28,
    bearingSpanMm: 190,
    throatMm: 165,
    rollerModulusMPa: 205_000,
    frameStiffnessNPerMm: 8000,
    gapMm: 14,
    handle: { limitN: 120, crankArmMm: 140, gearRatio: 1 },
  },
  dies: [{ svg: drawing, heightMm: 1, bladeHeightMm: 0.6, bodyStripMm: 2.5, xMm: 60, yMm: 82.5, rotationDeg: 0 }],
  sheet: { caliperMm: 0.3, count: 1, shearStrengthMPa: 40, wedgeRatio: 0.15, squashModulusMPa: 3 },
  bed: { indentStiffnessNPerMm2: 110, softnessMmPerMPa: 0 },
  otherLayersMm: 13.2,
  passes: 1,
})

/** A die's outline as the page sends it. */
const dieOf = (name: string, lines: number[][]) => ({
  name,
  dieClass: 'thin-outline',
  lengthMm: 100,
  widthMm: 100,
  heightMm: 1,
  heightMeasuredBy: 'caliper',
  bladeHeightMm: 0.6,
  fitForFoam: false,
  note: '',
  outline: { source: 'drawing', fileName: '', lines },
})

/** Outlines within the limits that are as hard to measure as any. */
const outlines = (scale: number): Readonly<Record<string, number[][]>> => {
  const count = (most: number): number => Math.max(4, Math.round(most * scale))
  return {
    'one line of 200 000 points': [Array.from({ length: 2 * count(200_000) - 2 }, (_, at) => (at * 7919) % 97)],
    '20 000 squares': Array.from({ length: count(20_000) }, (_, at) => {
      const [x, y] = [at % 140, Math.floor(at / 140)]
      return [x, y, x + 0.5, y, x + 0.5, y + 0.5, x, y + 0.5, x, y]
    }),
    '20 000 squares in one another': Array.from({ length: count(20_000) }, (_, at) => {
      const r = 0.002 * (at + 1)
      return [-r, -r, r, -r, r, r, -r, r, -r, -r]
    }),
    'equal segments': Array.from({ length: count(20_000) }, () => [0, 0, 10, 10]),
    'a comb': [
      Array.from({ length: 2 * count(100_000) }, (_, at) => (at % 2 === 0 ? at / 2000 : at % 4 === 1 ? 0 : 90)),
    ],
  }
}

/** A picture that is small on the wire and large in memory. */
const bigPicture = (side: number): Promise<Buffer> =>
  sharp({ create: { width: side, height: side, channels: 3, background: 'white' } })
    .png({ compressionLevel: 9 })
    .toBuffer()

const judged = (scene: Scene, what: string, name: string, answer: Answer, longestMs = LONGEST_MS): void => {
  const fault = scene.faultOf(answer, longestMs)
  scene.tried(what, fault && `${name}: ${fault}`)
}

/** Files that cost far more than they look: drawings, outlines, pictures, tables. Each is answered in time, and nobody else waits. */
export const files: Trial = {
  name: 'files',
  hasSlice: true,
  async run(scene) {
    const scale = scene.times(1, 0.015)
    const server = await startServerProcess({ demo: true })
    try {
      const { address } = server
      const others = watchOthers(address)
      for (const [name, drawing] of Object.entries(drawings(scale))) {
        const from = performance.now()
        const read = await readDrawing(name, drawing)
        const late = scene.tooLong(performance.now() - from)
        scene.tried('a hostile drawing, read', late && `${name}: ${read.ok ? 'read' : read.fault.code} ${late}`)
        if (name.endsWith('.svg'))
          judged(
            scene,
            'a hostile drawing, sent',
            name,
            await ask(address, '/api/simulations', { method: 'POST', body: simulationOf(drawing) }),
          )
      }
      for (const [name, lines] of Object.entries(outlines(scale)))
        judged(
          scene,
          'a hostile outline, saved',
          name,
          await ask(address, '/api/dies', { method: 'POST', body: dieOf(name, lines) }),
        )
      const [run] = await rowsOf<{ id: string }>(address, '/api/runs?pageSize=1')
      const picture = await bigPicture(Math.round(10_900 * Math.sqrt(scale)))
      const sent = await Promise.all(
        Array.from({ length: scene.times(8, 1) }, () =>
          ask(address, `/api/runs/${run?.id}/photos`, { method: 'POST', raw: { type: 'image/png', content: picture } }),
        ),
      )
      // They stand in a queue: the last waits for all before it.
      for (const answer of sent) judged(scene, 'large pictures at once', 'picture', answer, sent.length * LONGEST_MS)
      const rows = Math.round(200_000 * scale)
      const table = `name,kind\r\n${many(rows, (at) => `${at},nonsense\r\n`)}`
      judged(
        scene,
        'a table of nothing but faults',
        `${rows} rows`,
        await ask(address, '/api/csv/sheets', { method: 'POST', raw: { type: 'text/csv', content: table } }),
        4 * LONGEST_MS,
      )
      const good = Object.keys(sheetInputs.card).length
      scene.note('a table of nothing but faults', `${rows} rows of ${good} fields`)
      scene.othersMet(await others.end())
    } finally {
      await server.close()
    }
  },
}
