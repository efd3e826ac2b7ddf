import { type Affine, after, identity, type Result } from '@bold-heron/core'
import { XMLParser } from 'fast-xml-parser'
import { checkText, type Drawing, LineCollector, reading } from '../drawing.js'
import { type DrawingFaultCode, limits, Refusal } from '../fault.js'
import { readNumber } from './length.js'
import { addPath } from './path-lines.js'
import { type Attributes, shapeAsPath } from './shapes.js'
import { readTransform } from './transform.js'
import { userUnitsToMm } from './view-box.js'

/** An element as the parser hands it out: one key that is its name, its children under it, its attributes beside it. */
type Node = Readonly<Record<string, readonly Node[] | Attributes | string>>

/** Elements whose contents are no cutting lines of their own. */
const passedOver = new Set([
  'defs',
  'symbol',
  'clipPath',
  'mask',
  'pattern',
  'marker',
  'linearGradient',
  'radialGradient',
  'filter',
  'style',
  'metadata',
  'title',
  'desc',
  'sodipodi:namedview',
  '#text',
  '#comment',
  '?xml',
])
const groups = new Set(['svg', 'g', 'a', 'switch'])

const nameOf = (node: Node): string => Object.keys(node).find((key) => key !== ':@') ?? ''
const attributesOf = (node: Node): Attributes => (node[':@'] ?? {}) as Attributes
const childrenOf = (node: Node): readonly Node[] => {
  const children = node[nameOf(node)]
  return Array.isArray(children) ? (children as readonly Node[]) : []
}

const isHidden = (attributes: Attributes): boolean =>
  attributes['display'] === 'none' ||
  attributes['visibility'] === 'hidden' ||
  /(?:display\s*:\s*none|visibility\s*:\s*hidden)/.test(attributes['style'] ?? '')

/** Whether a document type brings declarations of its own. By plain search, as a pattern would go back over and over. */
const declaresSubset = (text: string): boolean => {
  const small = text.toLowerCase()
  for (let at = small.indexOf('<!doctype'); at >= 0;) {
    const end = small.indexOf('>', at)
    const bracket = small.indexOf('[', at)
    if (bracket >= 0 && (end < 0 || bracket < end)) return true
    if (end < 0) return false
    at = small.indexOf('<!doctype', end)
  }
  return false
}

/** What makes a drawing more than a drawing is refused before it is parsed, by plain search. */
const refuseActive = (text: string): void => {
  if (/<!ENTITY/i.test(text) || declaresSubset(text)) throw new Refusal('entities-declared', '')
  if (/<script[\s>/]/i.test(text) || /\son[a-z]+\s*=\s*["']/i.test(text) || /javascript:/i.test(text))
    throw new Refusal('script-inside', '')
  if (/<foreignObject[\s>/]/i.test(text)) throw new Refusal('script-inside', '', 'foreignObject')
}

/** Walks one drawing: groups, transforms, shapes, and uses of shapes defined in it. */
class SvgWalk {
  private elements = 0
  private readonly byId = new Map<string, Node>()

  constructor(private readonly into: LineCollector) {}

  index(nodes: readonly Node[], depth: number): void {
    if (depth > limits.depth) throw new Refusal('too-deep', '', depth, limits.depth)
    for (const node of nodes) {
      const { id } = attributesOf(node)
      if (id !== undefined) this.byId.set(id, node)
      this.index(childrenOf(node), depth + 1)
    }
  }

  walk(nodes: readonly Node[], matrix: Affine, path: string, depth: number): void {
    if (depth > limits.depth) throw new Refusal('too-deep', path, depth, limits.depth)
    nodes.forEach((node, at) => this.element(node, matrix, `${path}/${nameOf(node)}[${at + 1}]`, depth))
  }

  private element(node: Node, matrix: Affine, path: string, depth: number): void {
    const name = nameOf(node)
    if (passedOver.has(name)) return
    this.elements++
    if (this.elements > limits.elements) throw new Refusal('too-many-elements', path, this.elements, limits.elements)
    const attributes = attributesOf(node)
    if (isHidden(attributes)) {
      this.into.notes.add('hidden-passed-over')
      return
    }
    const { transform } = attributes
    const own = transform ? after(matrix, readTransform(transform, `${path} transform`)) : matrix
    if (groups.has(name)) return this.walk(childrenOf(node), own, path, depth + 1)
    if (name === 'use') return this.use(attributes, own, path, depth)
    const shape = shapeAsPath(name, attributes, path)
    if (shape !== undefined) return shape === '' ? undefined : addPath(shape, own, this.into, path)
    if (name === 'text' || name === 'textPath') this.into.notes.add('text-passed-over')
    else if (name === 'image') this.image(attributes, path)
    else this.into.notes.add('other-passed-over')
  }

  private image(attributes: Attributes, path: string): void {
    const target = attributes['href'] ?? attributes['xlink:href'] ?? ''
    if (!target.startsWith('data:')) throw new Refusal('outside-reference', path, target.slice(0, 80))
    this.into.notes.add('image-passed-over')
  }

  private use(attributes: Attributes, matrix: Affine, path: string, depth: number): void {
    const target = attributes['href'] ?? attributes['xlink:href'] ?? ''
    if (!target.startsWith('#')) throw new Refusal('outside-reference', path, target.slice(0, 80))
    const node = this.byId.get(target.slice(1))
    if (!node) return
    const moved = after(matrix, [
      1,
      0,
      0,
      1,
      readNumber(attributes['x'], 0, `${path} x`),
      readNumber(attributes['y'], 0, `${path} y`),
    ])
    // A symbol is passed over where it is defined and drawn where it is used.
    if (nameOf(node) === 'symbol') this.walk(childrenOf(node), moved, path, depth + 1)
    else this.walk([node], moved, path, depth + 1)
  }
}

const read = (text: string): Drawing => {
  checkText(text)
  if (!/<svg[\s>]/i.test(text)) throw new Refusal('not-svg', '', text.trim().slice(0, 40))
  refuseActive(text)
  const parser = new XMLParser({
    preserveOrder: true,
    ignoreAttributes: false,
    attributeNamePrefix: '',
    processEntities: false,
    parseTagValue: false,
    parseAttributeValue: false,
    trimValues: true,
  })
  const nodes = parser.parse(text, true) as readonly Node[]
  const root = nodes.find((node) => nameOf(node) === 'svg')
  if (!root) throw new Refusal('not-svg', '')
  const collector = new LineCollector()
  const { matrix, assumed } = userUnitsToMm(attributesOf(root))
  if (assumed) collector.notes.add('size-assumed')
  const walk = new SvgWalk(collector)
  walk.index(nodes, 0)
  walk.walk(childrenOf(root), after(matrix, identity), '/svg', 1)
  return collector.finish()
}

/**
 * Reads the cutting lines of an SVG drawing: paths, basic shapes, groups, transforms, viewBox and physical units. Curves are
 * flattened to 0.05 mm. Lines come in mm, x to the right and y down as drawn. Untrusted: limits on size, depth, elements and
 * points; no scripts, no entities, nothing from outside; each refusal says why.
 */
export const readSvg = (text: string): Result<Drawing, DrawingFaultCode> => reading(() => read(text), 'xml-broken')
