import { Ajv2020, type ValidateFunction } from 'ajv/dist/2020.js'
import addFormats from 'ajv-formats'
import type { RequestHandler } from 'express'

interface Described {
  readonly paths: Readonly<
    Record<string, Readonly<Record<string, { readonly responses: Readonly<Record<string, unknown>> }>>>
  >
  readonly components?: { readonly schemas?: object }
}

/** Answers that any address may give, as the document says once for all. */
const ANYWHERE = new Set([500, 503, 507])

/** Says what is otherwise than described in an answer to a request of this method and path; nothing where all is as it is described. */
type Checking = (method: string, at: string, status: number, body: unknown) => string | undefined

const checkingBy = (document: object): Checking => {
  const { paths, components } = document as Described
  const ajv = new Ajv2020({ strict: false, allErrors: false, validateFormats: true })
  // The package is CommonJS: its function comes as a default of the default.
  const add = addFormats as unknown as { default?: (its: Ajv2020) => void } & ((its: Ajv2020) => void)
  ;(add.default ?? add)(ajv)
  ajv.addSchema({ $id: 'api', components })
  const patterns = Object.keys(paths).map((path) => ({
    path,
    pattern: new RegExp(`^${path.replace(/\{\w+\}/g, '[^/]+')}$`),
  }))
  // A longer address comes before one that it might be taken for.
  patterns.sort((a, b) => Number(a.path.includes('{')) - Number(b.path.includes('{')) || b.path.length - a.path.length)
  const known = new Map<string, ValidateFunction>()
  return (method, at, status, body) => {
    const path = patterns.find(({ pattern, path: each }) => pattern.test(at) && paths[each]?.[method])?.path
    if (path === undefined || ANYWHERE.has(status)) return undefined
    const name = `${method} ${path} ${status}`
    const response = paths[path]?.[method]?.responses[String(status)] as
      { readonly content?: Readonly<Record<string, { readonly schema: object }>> } | undefined
    if (!response) return `${name} is not described`
    const schema = Object.entries(response.content ?? {}).find(([type]) => type.includes('json'))?.[1].schema
    if (!schema) return undefined
    const validate =
      known.get(name) ?? ajv.compile(JSON.parse(JSON.stringify(schema).replaceAll('"#/', '"api#/')) as object)
    known.set(name, validate)
    return validate(body) ? undefined : `${name}: ${ajv.errorsText(validate.errors, { dataVar: 'answer' })}`
  }
}

/** One for all servers of a process: they are of the same sources, and to read what is described takes longer than most tests. */
let checking: Checking | undefined

/** Checks every JSON answer of the API against the document that describes it, and keeps what is otherwise than it says. */
export class WatchedAnswers {
  readonly wrong: string[] = []

  readonly watch =
    (document: () => object): RequestHandler =>
    (request, response, next) => {
      const { path, method } = request
      const send = response.send.bind(response)
      response.send = (body: unknown) => {
        const isJson = String(response.getHeader('Content-Type') ?? '').includes('json')
        if (isJson && typeof body === 'string') {
          checking ??= checkingBy(document())
          const wrong = checking(method.toLowerCase(), path, response.statusCode, JSON.parse(body))
          if (wrong !== undefined) this.wrong.push(wrong)
        }
        return send(body)
      }
      next()
    }

  /** Throws what was otherwise than described, each once. */
  tell(): void {
    const once = [...new Set(this.wrong)]
    if (once.length > 0) throw new Error(`Answers are not as the document describes them:\n${once.join('\n')}`)
  }
}
