import { describe, expect, it } from 'vitest'
import { chanceBetween } from '../numerics/normal.js'
import { bump } from '../testing/grids.js'
import { gapMmOf, logStrengthAt, STRENGTHS } from './axes.js'
import { nodesOf } from './doubt-nodes.js'
import { gridOver, together } from './gap-grid.js'
import { gapsOf, logNormal, momentsOf, normalized, strengthsOf, logStrengthMoments } from './posterior.js'

const chances = normalized(bump({ mm: 14.2, spreadMm: 0.1, logStrength: 0.1, logSpread: 0.2, tiltMm: 0.5 }))
const sum = (nodes: ReturnType<typeof nodesOf>, value: (node: (typeof nodes)[number]) => number) =>
  nodes.reduce((total, node) => total + node.weight * value(node), 0)

describe('what is believed, boiled down to nodes', () => {
  const { mean, spread } = momentsOf(gapsOf(chances))
  const strength = logStrengthMoments(strengthsOf(chances))
  const nodes = nodesOf(chances, mean)

  it('keeps mean, spread, and how gap and strength hang together', () => {
    expect(sum(nodes, () => 1)).toBeCloseTo(1, 9)
    expect(sum(nodes, ({ shiftMm }) => shiftMm)).toBeCloseTo(0, 3)
    expect(Math.sqrt(sum(nodes, ({ shiftMm, spreadMm }) => shiftMm ** 2 + spreadMm ** 2))).toBeCloseTo(spread, 2)
    const hanging = sum(nodes, (node) => -node.shiftMm * (Math.log(node.strength) - strength.mean))
    const brute = chances.chances.reduce((total, chance, cell) => {
      const mm = gapMmOf(chances.firstRow + Math.floor(cell / STRENGTHS)) - mean
      return total + chance * mm * (logStrengthAt(cell % STRENGTHS) - strength.mean)
    }, 0)
    expect(hanging).toBeCloseTo(brute, 2)
  })

  it('sums over two humps 4 mm apart, and never lies between them', () => {
    const [one, other] = [14, 18]
    const humps = gridOver(400, 700, (row) =>
      Math.log(0.3 * Math.exp(logNormal(gapMmOf(row), one, 0.1)) + 0.7 * Math.exp(logNormal(gapMmOf(row), other, 0.1))),
    )
    const doubt = nodesOf(normalized(humps), one)
    const within = (fromMm: number, toMm: number): number =>
      sum(doubt, ({ shiftMm, spreadMm }) => chanceBetween(fromMm, toMm, one - shiftMm, spreadMm))
    expect(within(13.5, 14.5)).toBeCloseTo(0.3, 2)
    expect(within(17.5, 18.5)).toBeCloseTo(0.7, 2)
    expect(within(15, 17)).toBeLessThan(1e-3)
  })

  it('leaves out next to nothing, however long the tail is', () => {
    const tail = gridOver(130, 1140, (row) => Math.log(0.9 * Math.exp(logNormal(gapMmOf(row), 14, 0.35)) + 0.001))
    const believed = normalized(together(tail))
    const above = gapsOf(believed)
      .chances.slice(520 - 130)
      .reduce((total, chance) => total + chance, 0)
    const doubt = nodesOf(believed, 14)
    expect(sum(doubt, ({ shiftMm, spreadMm }) => chanceBetween(15.6, Infinity, 14 - shiftMm, spreadMm))).toBeCloseTo(
      above,
      2,
    )
    expect(doubt.length).toBeLessThan(700)
  })
})
