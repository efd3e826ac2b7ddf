import { type Affine, after, identity, rotation, translation } from '@bold-heron/core'
import { Refusal } from '../fault.js'

const NUMBER = /[-+]?(?:\d+\.?\d*|\.\d+)(?:e[-+]?\d+)?/gi

const matrixOf = (name: string, values: readonly number[], path: string): Affine => {
  const [a = 0, b, c] = values
  const count = values.length
  const radians = (degrees: number) => (degrees * Math.PI) / 180
  if (name === 'matrix' && count === 6) return values as unknown as Affine
  if (name === 'translate' && count >= 1 && count <= 2) return translation(a, b ?? 0)
  if (name === 'scale' && count >= 1 && count <= 2) return [a, 0, 0, b ?? a, 0, 0]
  if (name === 'rotate' && count === 1) return rotation(a)
  if (name === 'rotate' && count === 3)
    return after(after(translation(b as number, c as number), rotation(a)), translation(-(b as number), -(c as number)))
  if (name === 'skewX' && count === 1) return [1, 0, Math.tan(radians(a)), 1, 0, 0]
  if (name === 'skewY' && count === 1) return [1, Math.tan(radians(a)), 0, 1, 0, 0]
  throw new Refusal('transform-broken', path, `${name}(${values.join(' ')})`)
}

/** Reads a `transform` attribute: `translate(3 4) rotate(30)`, first written applied last. */
export const readTransform = (text: string, path: string): Affine => {
  let matrix = identity
  let rest = text.trim()
  while (rest !== '') {
    const match = /^([a-zA-Z]+)\s*\(([^()]*)\)[\s,]*/.exec(rest)
    if (!match) throw new Refusal('transform-broken', path, text.slice(0, 60))
    const [whole, name, inside] = match as unknown as [string, string, string]
    const values = [...inside.matchAll(NUMBER)].map(([number]) => Number(number))
    if (!values.every(Number.isFinite)) throw new Refusal('number-broken', path, inside.slice(0, 60))
    matrix = after(matrix, matrixOf(name, values, path))
    rest = rest.slice(whole.length)
  }
  return matrix
}
