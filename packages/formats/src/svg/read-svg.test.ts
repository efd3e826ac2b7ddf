import { boxAround, isClosed, lengthOf, measureOutline } from '@bold-heron/core'
import { svgPathProperties } from 'svg-path-properties'
import { describe, expect, it } from 'vitest'
import { readSvg } from './read-svg.js'
import { writeSvg } from './write-svg.js'

const svg = (inside: string, head = 'width="100mm" height="80mm" viewBox="0 0 100 80"') =>
  `<svg xmlns="http://www.w3.org/2000/svg" xmlns:xlink="http://www.w3.org/1999/xlink" ${head}>${inside}</svg>`

const linesOf = (text: string) => {
  const read = readSvg(text)
  if (!read.ok) throw new Error(`${read.fault.code} ${read.fault.path} ${read.fault.value}`)
  return read.value.lines
}
const faultOf = (text: string): string => {
  const read = readSvg(text)
  return read.ok ? 'taken' : read.fault.code
}
const totalOf = (text: string) => linesOf(text).reduce((sum, line) => sum + lengthOf(line), 0)
const boxOf = (text: string) => boxAround(linesOf(text))!

describe('paths against another path library', () => {
  it.each([
    ['straight pieces', 'M10 10 L60 10 l0 30 H20 v-5 h-3 z'],
    ['cubic curves', 'M10 40 C 20 10, 60 5, 80 40 s 10 30 -20 30'],
    ['quadratic curves', 'M10 40 Q 40 0 70 40 T 95 60 q -10 10 -20 0 t -30 5'],
    ['arcs', 'M20 40 A 20 12 30 1 0 60 40 a 8 8 0 0 1 16 0 A 5 9 -20 0 0 40 60'],
    ['arcs too small for their chord', 'M10 40 A 3 2 0 0 1 80 40'],
    ['several parts', 'M10 10h20v20zM50 50c5 0 10 5 10 10s-5 10-10 10zm20 0l5 5'],
    ['numbers run together', 'M10-5.5.5 20l-.5.5.25-1e1'],
  ])('agrees on the length of %s', (_, d) => {
    const outside = new svgPathProperties(d).getTotalLength()
    // Chords are shorter than their curves, by a thousandth at this tolerance.
    expect(totalOf(svg(`<path d="${d}"/>`)) / outside).toBeCloseTo(1, 2)
    expect(Math.abs(totalOf(svg(`<path d="${d}"/>`)) / outside - 1)).toBeLessThan(0.003)
  })
})

it('reads flags that run together with what follows', () => {
  const together = linesOf(svg('<path d="M10 40a10 10 0 0110 10 10 10 0 0110-10"/>'))
  expect(together).toEqual(linesOf(svg('<path d="M10 40a10 10 0 0 1 10 10 a10 10 0 0 1 10 -10"/>')))
})

describe('shapes', () => {
  it.each([
    ['<rect x="5" y="5" width="40" height="20"/>', 120],
    ['<rect x="5" y="5" width="40" height="20" rx="5"/>', 120 - 40 + 2 * Math.PI * 5],
    ['<circle cx="50" cy="40" r="30"/>', 2 * Math.PI * 30],
    ['<line x1="0" y1="0" x2="30" y2="40"/>', 50],
    ['<polyline points="0,0 30,0 30,40"/>', 70],
    ['<polygon points="0 0 30 0 30 40"/>', 120],
  ])('%s has the length it must', (shape, length) => {
    expect(totalOf(svg(shape)) / length).toBeCloseTo(1, 2)
  })

  it('an ellipse has the length of Ramanujan’s approximation', () => {
    const [a, b] = [30, 12]
    const h = (a - b) ** 2 / (a + b) ** 2
    const outside = Math.PI * (a + b) * (1 + (3 * h) / (10 + Math.sqrt(4 - 3 * h)))
    expect(totalOf(svg('<ellipse cx="50" cy="40" rx="30" ry="12"/>')) / outside).toBeCloseTo(1, 3)
  })

  it('closed ones end exactly where they began', () => {
    for (const line of linesOf(
      svg('<circle cx="50" cy="40" r="30"/><rect width="5" height="5"/><path d="M1 1l5 0 0 5z"/>'),
    ))
      expect(isClosed(line)).toBe(true)
  })
})

describe('size', () => {
  it.each([
    ['width="100mm" height="80mm" viewBox="0 0 100 80"', 10],
    ['width="10cm" height="8cm" viewBox="0 0 100 80"', 10],
    ['width="1in" height="1in" viewBox="0 0 10 10"', 25.4],
    ['width="200mm" height="160mm" viewBox="0 0 100 80"', 20],
    ['width="200mm" viewBox="0 0 100 80"', 20],
    ['width="72pt" height="72pt" viewBox="0 0 10 10"', 25.4],
  ])('with %s a line of ten units is %f mm', (head, mm) => {
    const read = readSvg(svg('<line x1="0" y1="0" x2="10" y2="0"/>', head))
    expect(read.ok && lengthOf(read.value.lines[0]!)).toBeCloseTo(mm, 9)
    expect(read.ok && read.value.notes).toEqual([])
  })

  it.each(['', 'viewBox="0 0 100 80"', 'width="100%" height="100%" viewBox="0 0 100 80"', 'width="96" height="96"'])(
    'without a physical size (%s) 96 units count as an inch, and it is said',
    (head) => {
      const read = readSvg(svg('<line x1="0" y1="0" x2="96" y2="0"/>', head))
      expect(read.ok && lengthOf(read.value.lines[0]!)).toBeCloseTo(25.4, 9)
      expect(read.ok && read.value.notes).toEqual(['size-assumed'])
    },
  )

  it('fits the whole view box in unless told to stretch', () => {
    const line = '<path d="M0 0H10M0 0V10"/>'
    expect(boxOf(svg(line, 'width="40mm" height="20mm" viewBox="0 0 10 10"'))).toMatchObject({ toX: 20, toY: 20 })
    const stretched = 'width="40mm" height="20mm" viewBox="0 0 10 10" preserveAspectRatio="none"'
    expect(boxOf(svg(line, stretched))).toMatchObject({ toX: 40, toY: 20 })
  })
})

describe('groups and transforms', () => {
  it.each([
    ['translate(10 5)', [10, 5, 20, 5]],
    ['translate(10,5) scale(2)', [10, 5, 30, 5]],
    ['scale(2) translate(10,5)', [20, 10, 40, 10]],
    ['rotate(90)', [0, 0, 0, 10]],
    ['rotate(90 10 0)', [10, -10, 10, 0]],
    ['matrix(0 1 -1 0 3 4)', [3, 4, 3, 14]],
    ['skewX(45)', [0, 0, 10, 0]],
  ])('%s moves as it must', (transform, [fromX, fromY, toX, toY]) => {
    const box = boxOf(svg(`<g transform="${transform}"><line x1="0" y1="0" x2="10" y2="0"/></g>`))
    expect(box.fromX).toBeCloseTo(fromX!, 9)
    expect(box.fromY).toBeCloseTo(fromY!, 9)
    expect(box.toX).toBeCloseTo(toX!, 9)
    expect(box.toY).toBeCloseTo(toY!, 9)
  })

  it('nest, and uses draw what they point to', () => {
    const box = boxOf(
      svg(
        '<defs><path id="a" d="M0 0h4"/></defs>' +
          '<g transform="translate(10)"><g transform="scale(2)"><use href="#a" x="1" y="2"/></g></g>',
      ),
    )
    expect(box).toEqual({ fromX: 12, fromY: 4, toX: 20, toY: 4 })
  })

  it('hidden things, texts and definitions are passed over, and it is said', () => {
    const read = readSvg(
      svg(
        '<path d="M0 0h9"/><path display="none" d="M0 0h50"/><g style="visibility: hidden"><path d="M0 0h60"/></g>' +
          '<text>Hi</text><clipPath><rect width="90" height="70"/></clipPath>',
      ),
    )
    expect(read.ok && read.value.lines).toEqual([[0, 0, 9, 0]])
    expect(read.ok && [...read.value.notes].sort()).toEqual(['hidden-passed-over', 'text-passed-over'])
  })
})

describe('a hostile or broken file', () => {
  const laughs =
    '<?xml version="1.0"?><!DOCTYPE svg [<!ENTITY a "ha"><!ENTITY b "&a;&a;&a;&a;&a;&a;&a;&a;">]>' +
    svg('<path d="&b;"/>')
  const nestedUses = (depth: number) =>
    svg(
      '<defs><path id="u0" d="M0 0h1"/>' +
        Array.from({ length: depth }, (_, at) => `<g id="u${at + 1}">${`<use href="#u${at}"/>`.repeat(10)}</g>`).join(
          '',
        ) +
        `</defs><use href="#u${depth}"/>`,
    )
  it.each([
    ['nothing', '', 'file-empty'],
    ['a billion laughs', laughs, 'entities-declared'],
    ['uses of uses of uses', nestedUses(9), 'too-many-elements'],
    ['a use of itself', svg('<g id="x"><use href="#x"/></g>'), 'too-deep'],
    ['a script', svg('<script>alert(1)</script><path d="M0 0h1"/>'), 'script-inside'],
    ['an event handler', svg('<path d="M0 0h1" onload="alert(1)"/>'), 'script-inside'],
    ['foreign content', svg('<foreignObject><p/></foreignObject>'), 'script-inside'],
    ['an outside image', svg('<image href="https://example.org/x.png"/>'), 'outside-reference'],
    ['an outside use', svg('<use xlink:href="other.svg#a"/>'), 'outside-reference'],
    ['numbers that are none', svg('<path d="M0 0 L NaN 5"/>'), 'path-broken'],
    ['endless numbers', svg('<line x2="1e999"/>'), 'number-broken'],
    ['a huge drawing', svg('<path d="M0 0h9e5"/>'), 'coordinates-unreasonable'],
    ['a large drawing', svg('<path d="M0 0h4000"/>'), 'coordinates-unreasonable'],
    ['a million points', svg(`<path d="M0 0${'h1v1'.repeat(500_000)}"/>`), 'too-many-points'],
    [
      'a path of nothing used over and over',
      svg(`<defs><path id="a" d="${'M0 0'.repeat(5000)}"/></defs>${'<use href="#a"/>'.repeat(4000)}`),
      'too-much-work',
    ],
    ['document types without end', '<svg>' + '<!DOCTYPE '.repeat(60_000), 'xml-broken'],
    ['a document type with declarations', '<!DOCTYPE svg [ <!x> ]><svg></svg>', 'entities-declared'],
    ['too many elements', svg('<path d="M0 0h1"/>'.repeat(60_000)), 'too-many-elements'],
    ['too deep groups', svg('<g>'.repeat(90) + '<path d="M0 0h1"/>' + '</g>'.repeat(90)), 'too-deep'],
    ['a broken transform', svg('<path transform="wobble(3)" d="M0 0h1"/>'), 'transform-broken'],
    ['a broken view box', svg('<path d="M0 0h1"/>', 'viewBox="0 0 0 x"'), 'number-broken'],
    ['no lines', svg('<text>words</text>'), 'no-lines'],
    ['broken XML', '<svg><path d="M0 0h1"', 'xml-broken'],
    ['a zip', 'PK\u0003\u0004rest', 'file-packed'],
    ['a page', '<html><body>hello</body></html>', 'not-svg'],
    ['six megabytes', svg(`<!--${'x'.repeat(6_000_000)}-->`), 'file-too-large'],
  ])('%s is refused with its reason', (_, text, code) => {
    expect(faultOf(text)).toBe(code)
  })

  it('names the place of what is wrong', () => {
    const read = readSvg(svg('<g><path d="M0 0h1"/><path d="M0 0 Lx"/></g>'))
    expect(read.ok ? '' : read.fault.path).toBe('/svg/g[1]/path[2]')
  })
})

describe('a drawing written', () => {
  it('reads back with the same measures', () => {
    const lines = linesOf(svg('<circle cx="50" cy="40" r="30"/><path d="M45 40h10"/><circle cx="50" cy="40" r="5"/>'))
    const again = linesOf(writeSvg(lines, 'A <ring> & a bar'))
    const [before, after] = [measureOutline(lines)!, measureOutline(again)!]
    expect(after.lineMm).toBeCloseTo(before.lineMm, 2)
    expect(after.lengthMm).toBeCloseTo(before.lengthMm, 2)
    expect(after.openings).toBe(before.openings)
  })
})
