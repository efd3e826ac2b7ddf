import { randomInteger, randomItem, type RandomSource } from '../../packages/core/src/numerics/random.js'
import { startServerProcess } from '../../e2e/fixtures/server-process.js'
import { ask, toldOf } from '../ask.js'
import { madeBySchema, type Schema } from '../made-by-schema.js'
import { watchOthers } from '../others.js'
import type { Scene, Trial } from '../scene.js'

interface Operation {
  readonly parameters?: readonly { readonly name: string; readonly in: string; readonly schema?: Schema }[]
  readonly requestBody?: { readonly content: Readonly<Record<string, { readonly schema?: Schema }>> }
}
interface Document {
  readonly paths: Readonly<Record<string, Readonly<Record<string, Operation>>>>
  readonly components?: { readonly schemas: Readonly<Record<string, Schema>> }
}

/** What is put where something else was expected. */
const WRONG: readonly unknown[] = [
  null,
  true,
  -1,
  0,
  1e308,
  9_007_199_254_740_992,
  0.1 + 0.2,
  '',
  ' ',
  '\u0000',
  '\ud800',
  '🪁'.repeat(400),
  'x'.repeat(100_000),
  "'; DROP TABLE runs; --",
  '../../etc/passwd',
  '1970-01-01T00:00:00Z',
  'constructor',
  [],
  {},
  [[[[]]]],
  { __proto__: null, constructor: { prototype: {} } },
  '=HYPERLINK("x")',
]

/** A value with something in it put wrong: a part replaced, left out, doubled, or one more. */
const spoilt = (random: RandomSource, value: unknown): unknown => {
  if (random() < 0.25 || value === null || typeof value !== 'object') return randomItem(random, WRONG)
  if (Array.isArray(value)) {
    if (value.length === 0) return [randomItem(random, WRONG)]
    const at = randomInteger(random, 0, value.length - 1)
    if (random() < 0.3) return [...(value as unknown[]), ...(value as unknown[])]
    return value.map((each: unknown, index) => (index === at ? spoilt(random, each) : each))
  }
  const names = Object.keys(value)
  const name = names.length > 0 ? randomItem(random, names) : 'more'
  if (random() < 0.15) return Object.fromEntries(Object.entries(value).filter(([each]) => each !== name))
  return { ...value, [name]: spoilt(random, (value as Record<string, unknown>)[name]) }
}

/** A value by a schema of the document. */
const madeBy = (random: RandomSource, schema: Schema | undefined, { components }: Document): unknown =>
  madeBySchema(random, schema ?? {}, (ref) => components?.schemas[ref.split('/').at(-1) as string] ?? {})

const asText = (value: unknown): string => (typeof value === 'string' ? value : JSON.stringify(value))

/** Without halves of signs, which no address can hold. */
const wellFormed = (text: string): string => Buffer.from(text).toString()

const askOnce = async (
  scene: Scene,
  address: string,
  document: Document,
  [path, method, operation]: readonly [string, string, Operation],
  ids: readonly string[],
): Promise<void> => {
  const { random } = scene
  const id =
    random() < 0.8
      ? randomItem(random, ids)
      : encodeURIComponent(wellFormed(asText(randomItem(random, WRONG)).slice(0, 200)))
  const query = new URLSearchParams()
  const headers: Record<string, string> = {}
  for (const { name, in: where, schema } of operation.parameters ?? []) {
    const made = random() < 0.6 ? madeBy(random, schema, document) : randomItem(random, WRONG)
    if (where === 'query' && random() < 0.5) query.set(name, asText(made).slice(0, 2000))
    // A header holds Latin letters only, or the asking itself is refused.
    if (where === 'header' && random() < 0.9)
      headers[name] = /^[ -~]+$/.test(asText(made)) ? asText(made).slice(0, 100) : '"1"'
  }
  const [type, content] = Object.entries(operation.requestBody?.content ?? {})[0] ?? []
  const body = content ? madeBy(random, content.schema, document) : undefined
  const sent = random() < 0.7 ? spoilt(random, body) : body
  const raw = type
    ? {
        type: random() < 0.97 ? type : 'text/plain',
        content: type.includes('json') ? (JSON.stringify(sent) ?? '') : asText(sent),
      }
    : undefined
  const asked = `${path.replace('{id}', id)}${query.size > 0 ? `?${query.toString()}` : ''}`
  const answer = await ask(address, asked, {
    method: method.toUpperCase(),
    headers,
    ...(raw ? { raw } : {}),
  })
  const fault = scene.faultOf(answer)
  scene.tried('an operation asked anything', fault && `${method} ${asked.slice(0, 200)}: ${fault}`)
}

/** Every operation of the API, by its own document, asked things that fit, nearly fit, and do not fit at all. */
export const fuzz: Trial = {
  name: 'fuzz',
  hasSlice: true,
  async run(scene) {
    const server = await startServerProcess({ demo: true })
    try {
      const { address } = server
      const document = JSON.parse((await ask(address, '/api/openapi.json')).text) as Document
      // A whole workshop in the place of this one would leave nothing to ask about; it has trials of its own.
      const operations = Object.entries(document.paths)
        .flatMap(([path, methods]) =>
          Object.entries(methods).map(([method, operation]) => [path, method, operation] as const),
        )
        .filter(([path, method]) => !(path === '/api/workshop' && method === 'put'))
      const ids: string[] = []
      for (const name of ['plates', 'presses', 'dies', 'sheets', 'jobs', 'runs', 'recipes'])
        for (const { id } of (
          JSON.parse((await ask(address, `/api/${name}?pageSize=5`)).text) as { items: { id: string }[] }
        ).items)
          ids.push(id)
      const others = watchOthers(address)
      const rounds = scene.times(40, 1)
      for (let round = 0; round < rounds; round++)
        for (const operation of operations) await askOnce(scene, address, document, operation, ids)
      scene.othersMet(await others.end())
      const after = await ask(address, '/api/health')
      scene.tried('the server lives on', after.status === 200 ? undefined : toldOf(after))
    } finally {
      await server.close()
    }
  },
}
