import { randomInteger, randomItem, type RandomSource } from '../../packages/core/src/numerics/random.js'
import { readDrawing } from '../../packages/formats/src/index.js'
import { startServerProcess } from '../../e2e/fixtures/server-process.js'
import { ask } from '../ask.js'
import { LONGEST_MS, type Trial } from '../scene.js'

const GOOD_SVG = `<svg xmlns="http://www.w3.org/2000/svg" width="60mm" height="40mm" viewBox="0 0 60 40"><defs><circle id="c" r="4"/></defs>
<g transform="translate(5 5) rotate(10)"><path d="M0 0h20v10a5 5 0 0 1-5 5H0zM30 5c5 0 5 10 0 10s-5-10 0-10"/><use href="#c" x="40" y="8"/>
<polygon points="0,20 10,20 5,28"/><rect x="20" y="20" width="8" height="6" rx="2"/></g></svg>`

const GOOD_DXF = [
  ...['0', 'SECTION', '2', 'HEADER', '9', '$INSUNITS', '70', '4', '0', 'ENDSEC', '0', 'SECTION', '2', 'ENTITIES'],
  ...[
    '0',
    'LINE',
    '8',
    '0',
    '10',
    '0',
    '20',
    '0',
    '11',
    '30',
    '21',
    '0',
    '0',
    'CIRCLE',
    '8',
    '0',
    '10',
    '10',
    '20',
    '10',
    '40',
    '5',
  ],
  ...[
    '0',
    'LWPOLYLINE',
    '8',
    '0',
    '90',
    '3',
    '70',
    '1',
    '10',
    '0',
    '20',
    '0',
    '42',
    '0.5',
    '10',
    '20',
    '20',
    '0',
    '10',
    '10',
    '20',
    '15',
  ],
  ...['0', 'ARC', '8', '0', '10', '5', '20', '5', '40', '3', '50', '0', '51', '90', '0', 'ENDSEC', '0', 'EOF'],
].join('\n')

const SIGNS = ['\u0000', '"', '<', '>', '&', '-', '9999999999', '1e999', 'NaN', '\n', 'Z', '0', ';', '\ud800', "'", ',']

/** A text with some of it changed, doubled, cut out or cut off. */
const mutated = (random: RandomSource, text: string): string => {
  let made = text
  for (let change = randomInteger(random, 1, 6); change > 0; change--) {
    const at = randomInteger(random, 0, made.length)
    const to = Math.min(made.length, at + randomInteger(random, 1, 40))
    const kind = random()
    if (kind < 0.4) made = made.slice(0, at) + randomItem(random, SIGNS) + made.slice(at + 1)
    else if (kind < 0.6) made = made.slice(0, at) + made.slice(to)
    else if (kind < 0.8) made = made.slice(0, to) + made.slice(at)
    else if (kind < 0.9) made = made.slice(0, at)
    else made = made.slice(0, at) + made.slice(at, to).repeat(randomInteger(random, 2, 200)) + made.slice(to)
  }
  return made
}

/** Good files with something wrong in them: each is read, or refused in words. */
export const mutations: Trial = {
  name: 'mutations',
  hasSlice: true,
  async run(scene) {
    const { random } = scene
    for (let turn = scene.times(20_000, 60); turn > 0; turn--) {
      const [name, good] = turn % 2 === 0 ? ['a.svg', GOOD_SVG] : ['a.dxf', GOOD_DXF]
      const text = mutated(random, good)
      const from = performance.now()
      let fault: string | undefined
      try {
        await readDrawing(name, text)
      } catch (error) {
        fault = `${String(error)}: ${JSON.stringify(text.slice(0, 400))}`
      }
      const ms = performance.now() - from
      scene.tried('a drawing with something wrong in it', fault ?? scene.tooLong(ms))
    }
    const server = await startServerProcess({ demo: true })
    try {
      const { address } = server
      const tables = ['plates', 'presses', 'dies', 'sheets', 'runs']
      const texts = new Map<string, string>()
      for (const name of tables) texts.set(name, (await ask(address, `/api/csv/${name}`)).text)
      for (let turn = scene.times(300, 4); turn > 0; turn--) {
        const name = tables[turn % tables.length] as string
        const content = mutated(random, texts.get(name) as string)
        const answer = await ask(address, `/api/csv/${name}`, { method: 'POST', raw: { type: 'text/csv', content } })
        const fault = scene.faultOf(answer, 2 * LONGEST_MS)
        scene.tried('a table with something wrong in it', fault && `${name}: ${fault}`)
      }
      const workshop = (await ask(address, '/api/workshop')).text
      for (let turn = scene.times(60, 2); turn > 0; turn--) {
        const content = mutated(random, workshop)
        const answer = await ask(address, '/api/workshop', {
          method: 'PUT',
          raw: { type: 'application/json', content },
        })
        const fault = scene.faultOf(answer, 4 * LONGEST_MS)
        scene.tried('a workshop with something wrong in it', fault)
        // Should it have been good enough, the next ones are asked of the workshop as it was.
        if (answer.status === 200)
          await ask(address, '/api/workshop', { method: 'PUT', raw: { type: 'application/json', content: workshop } })
      }
      // What came through all of it is whole: the very same rows, as the server writes them.
      await ask(address, '/api/workshop', { method: 'PUT', raw: { type: 'application/json', content: workshop } })
      const after = (await ask(address, '/api/workshop')).text
      const rows = (text: string): string => text.replace(/"exportedAt":"[^"]*"/, '')
      scene.tried('a workshop out and in again', rows(after) === rows(workshop) ? undefined : 'it is not what it was')
    } finally {
      await server.close()
    }
  },
}
