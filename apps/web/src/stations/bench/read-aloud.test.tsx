import {
  asPressed,
  assessStack,
  type DieClass,
  factsOfDieClass,
  finish,
  measured,
  planSteps,
  type PlanRequest,
  SimulatedResponses,
  type TechniqueId,
  techniqueOf,
} from '@bold-heron/core'
import type { JobRow } from '@bold-heron/schema'
import { describe, expect, it } from 'vitest'
import { typicalDie } from '../../../../../packages/core/src/dies/typical.js'
import { aCut, aPlate, aPress } from '../../../../../packages/core/src/testing/makers.js'
import { wordsOf } from '../../testing/rendered.js'
import { type BenchStep, stepsOfRound } from './bench-steps.js'
import type { RoundInHand } from './session.js'
import { shownSteps } from './steps/list.js'
import type { AtBench, ShownStep } from './steps/step.js'

const shelf = [
  aPlate({ id: 'board', name: 'Board', kind: 'platform', mm: 7.4, count: 1 }),
  aPlate({ id: 'low board', name: 'Low board', kind: 'platform', mm: 5, count: 1 }),
  aPlate({ id: 'spacer', name: 'Spacer', kind: 'spacer', mm: 1.5, count: 2 }),
  aPlate({ id: 'pad', name: 'Clear pad', count: 2 }),
  aPlate({ id: 'steel', name: 'Steel', kind: 'hard-plate', mm: 1, count: 1 }),
  aPlate({ id: 'thin', name: 'Thin mat', kind: 'embossing-mat', mm: 1, count: 1 }),
  aPlate({ id: 'thick', name: 'Thick mat', kind: 'embossing-mat', mm: 3, count: 1 }),
  aPlate({ id: 'impression', name: 'Impression pad', kind: 'impression-pad', mm: 3, count: 1 }),
  aPlate({ id: 'heat', name: 'Warm plate', kind: 'heated-plate', mm: 6, count: 1 }),
  aPlate({ id: 'foil', name: 'Foil', kind: 'foil', mm: 0.02, count: 1 }),
  aPlate({ id: 'card', name: 'Card shim', kind: 'shim', mm: 0.3, count: 4 }),
  aPlate({ id: 'paper', name: 'Paper shim', kind: 'shim', mm: 0.1, count: 4 }),
]
const magnetic = shelf.map((plate) => (plate.kind === 'platform' ? { ...plate, magnetic: true } : plate))

interface Read {
  readonly technique: TechniqueId
  readonly dieClass: DieClass
  readonly side: 'down' | 'up'
  readonly on?: typeof shelf
  readonly border?: boolean
}

const responses = new SimulatedResponses()

/** What the Bench says, step by step, of the best stack for something. */
const readAloud = ({ technique, dieClass, side, on = shelf, border = false }: Read) => {
  const die = typicalDie(dieClass, measured(factsOfDieClass(dieClass).heightMm, 'caliper'))
  const cut = asPressed(technique, aCut({ press: aPress(), dies: [die], bladeSide: side }))
  const request: PlanRequest = { technique, region: 'all', cut, shelf: on, workedBefore: [] }
  const { best } = finish(planSteps(request, responses))
  const { stack } = best!
  const assessment = assessStack(request, stack, responses)
  const run = { border: border ? {} : null, technique, region: 'all', sheetId: 'sheet' }
  const job = { card: null, runs: [run], runInHand: 0, runId: null } as unknown as JobRow
  const round = { laying: 'all', freshSheets: true, stack: [], passes: 1 } as unknown as RoundInHand
  const steps = stepsOfRound(stack, round, techniqueOf(technique).guide, {
    isLaidOut: false,
    piece: 'any',
    joins: border ? 1 : undefined,
  })
  const at: AtBench = {
    job,
    stack,
    difference: undefined,
    request,
    assessment,
    passes: 1,
    passesDone: 0,
    joins: { out: [], tell: () => undefined },
  }
  return steps
    .filter(({ is }) => !['border-marks', 'border-cut', 'tell'].includes(is))
    .map((step) => {
      const Shown = shownSteps[step.is] as ShownStep<BenchStep['is']>
      const role = step.is === 'lay' ? stack[step.layer] : undefined
      return {
        step,
        layer: role,
        words: wordsOf(<Shown {...at} step={step} />).replace('Blade up, blade down?', ''),
      }
    })
}

const combinations: readonly Read[] = [
  ...(['down', 'up'] as const).flatMap((side): Read[] => [
    { technique: 'cut', dieClass: 'thin-outline', side },
    { technique: 'cut', dieClass: 'thin-lace', side },
    { technique: 'cut', dieClass: 'thin-outline', side, on: magnetic },
    { technique: 'cut', dieClass: 'small-cased', side },
    { technique: 'cut', dieClass: 'thin-border', side, border: true },
  ]),
  { technique: 'crease', dieClass: 'thin-outline', side: 'up' },
  { technique: 'raise', dieClass: 'shape', side: 'up' },
  { technique: 'folder', dieClass: 'flat-folder', side: 'up' },
  { technique: 'folder', dieClass: 'deep-folder', side: 'up' },
  { technique: 'folder', dieClass: 'cutting-folder', side: 'up' },
  { technique: 'foil', dieClass: 'thin-outline', side: 'up' },
]

describe.each(combinations)('the Bench read aloud: $technique with a $dieClass, blade $side', (read) => {
  const told = readAloud(read)
  const all = told.map(({ words }) => words).join('\n')
  const at = (is: BenchStep['is']) => told.findIndex(({ step }) => step.is === is)
  const layAt = (is: 'dies' | 'sheets') => told.findIndex(({ layer }) => layer?.is === is)

  it('says which way the blade looks, and never the other', () => {
    const other = read.side === 'down' ? 'Blade up' : 'Blade down'
    expect(all).not.toContain(other)
    if (read.technique === 'cut') expect(all).toContain(read.side === 'down' ? 'Blade down' : 'Blade up')
  })

  it('calls nothing on top that lies under the die, and nothing under it that lies over', () => {
    const dies = layAt('dies')
    for (const [place, { layer, words }] of told.entries()) {
      if (layer?.is !== 'plate') continue
      if (place < dies) expect(words, layer.role).not.toContain('On top')
      else expect(words, layer.role).not.toContain('Below the die')
    }
    expect(told.filter(({ words }) => words.includes('At the very bottom')).length).toBeLessThanOrEqual(1)
  })

  it('puts the sheet in once, and looks for what this leaves', () => {
    const inFolder = read.technique === 'folder'
    expect(layAt('sheets') === -1).toBe(inFolder)
    expect(at('close-folder') !== -1).toBe(inFolder)
    const held = read.on === magnetic && read.dieClass === 'thin-outline' ? 'held by the magnet' : 'taped in place'
    expect(all.includes(`with the die still ${held}`)).toBe(read.technique === 'cut')
    expect(all.includes('with the die still')).toBe(read.technique === 'cut')
    expect(all.includes('Is the line unbroken')).toBe(read.technique === 'foil')
    if (inFolder) expect(all).toContain('Open the folder')
  })

  it('holds the die with tape or with the magnet, not with both', () => {
    const hold = told.find(({ step }) => step.is === 'hold')?.words ?? ''
    expect(hold.includes('no tape')).toBe(read.on === magnetic && read.dieClass === 'thin-outline')
    expect(hold.includes('Two strips of low-tack tape') && hold.includes('no tape')).toBe(false)
    expect(hold.includes('pacemakers')).toBe(read.on === magnetic)
  })

  it('turns no border askew, and presses it once', () => {
    if (!read.border) return
    expect(all).not.toContain('turn it a few degrees')
    expect(all).toContain('Pass 1 of 1')
  })

  it('sends the right end of a folder in first', () => {
    if (read.technique !== 'folder') return
    const cuts = read.dieClass === 'cutting-folder'
    expect(all.includes('the open edge')).toBe(cuts)
    expect(all.includes('the hinge to the rollers')).toBe(!cuts)
    expect(all.includes('Metal side up')).toBe(cuts)
  })

  it('warms foil up with die, foil and sheet in place, before what comes over them', () => {
    if (read.technique !== 'foil') return
    const pad = told.findIndex(({ layer }) => layer?.is === 'plate' && layer.role === 'pad')
    expect(at('foil-wait')).toBeGreaterThan(layAt('sheets'))
    expect(at('foil-wait')).toBeLessThan(pad)
  })

  it('says the same feel at every step', () => {
    const press = told[at('press')]!.words
    if (all.includes('nothing to feel, or only just something') || all.includes('Nothing, or a little'))
      expect(press).toMatch(/should feel (nothing|just felt|like nothing|only just)/i)
  })
})
