import { describe, expect, it } from 'vitest'
import { seededRandom } from '../numerics/random.js'
import { bump } from '../testing/grids.js'
import { logStrengthAt, STRENGTHS } from './axes.js'
import { DIE_LOG_SPREAD, SHEET_LOG_SPREAD } from './die-and-sheet.js'
import { logAt } from './gap-grid.js'
import { logNormal } from './posterior.js'
import { difficultyByRuns, evidenceForPair, type RunEvidence } from './run-evidence.js'
import { STRENGTH_LOG_SPREAD } from './strength-nodes.js'

const random = seededRandom(11)
const run = (dies: string, resist = 's', logStrength = 0.4 * random() - 0.2, pressId = 'p'): RunEvidence => ({
  pressId,
  pressClass: 'small-hand',
  resist,
  dies,
  pieces: {},
  log: bump({ mm: 14 + 0.1 * random(), spreadMm: 0.2, logStrength, logSpread: 0.15, tiltMm: 0.2 }),
})

const axis = Array.from({ length: STRENGTHS }, (_, column) => column)
const MIDDLE = 10
const normal = (spread: number): number[] => {
  const raw = axis.map((column) => Math.exp(logNormal(logStrengthAt(column), 0, spread)))
  const total = raw.reduce((sum, each) => sum + each, 0)
  return raw.map((each) => each / total)
}
const ofSheet = normal(SHEET_LOG_SPREAD)
const ofDie = normal(DIE_LOG_SPREAD).map((usual, at) => 0.9 * usual + 0.1 * normal(0.35)[at]!)
const clamp = (column: number) => Math.min(STRENGTHS - 1, Math.max(0, column))

/** Mean and spread of the strength that a pair's evidence and the prior make. */
const believed = (runs: readonly RunEvidence[], dies: string) => {
  const { log } = evidenceForPair(runs, 'p', 's', dies)
  const rows = log.log.length / STRENGTHS
  const chances = axis.map((column) => {
    let sum = 0
    for (let row = 0; row < rows; row++)
      sum += Math.exp(
        (log.log[row * STRENGTHS + column] as number) + logNormal(logStrengthAt(column), 0, STRENGTH_LOG_SPREAD),
      )
    return sum
  })
  const total = chances.reduce((sum, each) => sum + each, 0)
  const mean = chances.reduce((sum, each, at) => sum + each * logStrengthAt(at), 0) / total
  return {
    mean,
    spread: Math.sqrt(chances.reduce((sum, each, at) => sum + each * (logStrengthAt(at) - mean) ** 2, 0) / total),
  }
}

describe('what is the sheet’s and what is the die’s', () => {
  it('agrees with summing over every strength of the sheet and every difficulty of the dies', () => {
    const [own, other] = [run('a'), run('b')]
    const { log } = evidenceForPair([own, other], 'p', 's', 'a')
    const brute = (row: number, column: number): number => {
      let sum = 0
      for (const sheet of axis)
        for (const theirs of axis)
          for (const mine of axis)
            if (clamp(sheet + mine - MIDDLE) === column)
              sum +=
                ofSheet[sheet]! *
                ofDie[theirs]! *
                ofDie[mine]! *
                Math.exp(logAt(other.log, row, clamp(sheet + theirs - MIDDLE)))
      return logAt(own.log, row, column) + Math.log(sum) - logNormal(logStrengthAt(column), 0, STRENGTH_LOG_SPREAD)
    }
    const constant = brute(466, MIDDLE) - logAt(log, 466, MIDDLE)
    for (const row of [455, 466, 480])
      for (const column of [4, 8, 10, 12, 16])
        expect(logAt(log, row, column)).toBeCloseTo(brute(row, column) - constant, 6)
  })

  it('is as before where one die cut one sheet: the two cannot be told apart', () => {
    const runs = [run('a'), run('a')]
    const named = evidenceForPair(runs, 'p', 's', 'a').log
    const unnamed = evidenceForPair(
      runs.map(({ dies: _, ...each }) => each),
      'p',
      's',
    ).log
    expect(Array.from(named.log)).toEqual(Array.from(unnamed.log))
  })

  it('does not take twenty runs with one dull die for a hard sheet where four other dies cut it', () => {
    const others = ['a', 'b', 'c', 'd'].flatMap((die) => [run(die, 's', 0), run(die, 's', 0), run(die, 's', 0)])
    const before = believed(others, 'a').mean
    for (const log of [0.1, 0.2, 0.3, 0.4, 0.5]) {
      const dull = Array.from({ length: 20 }, () => run('dull', 's', log))
      const after = believed([...others, ...dull], 'a').mean
      expect(Math.exp(Math.abs(after - before)), `${log}`).toBeLessThan(1.05)
      expect(believed([...others, ...dull], 'dull').mean).toBeGreaterThan(0.75 * log)
    }
  })

  it('leaves both unsure where only the one die cut it', () => {
    const dull = Array.from({ length: 20 }, () => run('dull', 's', 0.3))
    const another = believed(dull, 'new')
    expect(another.mean).toBeGreaterThan(0.1)
    expect(another.mean).toBeLessThan(0.28)
    expect(another.spread).toBeGreaterThan(1.5 * believed(dull, 'dull').spread)
  })

  it('takes a die along to a sheet that it has not cut', () => {
    const runs = ['t', 'u', 'v'].flatMap((sheet) => [
      ...Array.from({ length: 4 }, () => run('dull', sheet, 0.3)),
      ...Array.from({ length: 4 }, () => run(`good ${sheet}`, sheet, 0)),
    ])
    expect(believed(runs, 'dull').mean).toBeGreaterThan(0.08)
    expect(Math.abs(believed(runs, 'new').mean)).toBeLessThan(0.01)
  })
})

describe('a die’s own difficulty', () => {
  it('is told by all runs with it, and is unsure where none tells it from the sheet', () => {
    const beside = ['a', 'b', 'c'].flatMap((die) => [run(die, 's', 0), run(die, 's', 0), run(die, 's', 0)])
    const dull = Array.from({ length: 10 }, () => run('dull', 's', 0.3))
    const told = difficultyByRuns([...beside, ...dull], 'dull')
    const alone = difficultyByRuns(dull, 'dull')
    expect(told.runs).toBe(10)
    expect(told.mean).toBeGreaterThan(0.15)
    expect(alone.mean).toBeLessThan(told.mean)
    expect(alone.spread).toBeGreaterThan(told.spread)
  })

  it('is that of any die where nothing was pressed with it', () => {
    const { mean, spread, runs } = difficultyByRuns([run('a')], 'new')
    expect(runs).toBe(0)
    expect(mean).toBeCloseTo(0, 6)
    expect(spread).toBeGreaterThan(DIE_LOG_SPREAD)
    expect(spread).toBeLessThan(0.2)
  })
})
