import {
  type Assessment,
  assessStack,
  finish,
  type Plan,
  planSteps,
  type PlanRequest,
  SimulatedResponses,
} from '@bold-heron/core'
import { describe, expect, it } from 'vitest'
import { aCut, aKnownGood, aPlate, aPress } from '../../../../../packages/core/src/testing/makers.js'
import { LedgerSum } from '../../pressing/stack/LedgerSum.js'
import { wordsOf } from '../../testing/rendered.js'
import { BandPanel } from './BandPanel.js'
import { FindingsPanel } from './FindingsPanel.js'
import { PassesPanel } from './PassesPanel.js'

const platform = aPlate({ id: 'platform', name: 'Board', kind: 'platform', mm: 7, count: 1, magnetic: true })
const pad = aPlate({ id: 'pad', name: 'Clear pad', lie: { face: 'b', turned: false } })
const card = aPlate({ id: 'card', name: 'Card shim', kind: 'shim', mm: 0.3, count: 6 })
const paper = aPlate({ id: 'paper', name: 'Copy paper', kind: 'shim', mm: 0.1, count: 6 })
const request: PlanRequest = {
  technique: 'cut',
  region: 'all',
  cut: aCut({ press: aPress({ knownGood: [aKnownGood({ plates: [platform, pad, pad, card] })] }) }),
  shelf: [platform, pad, card, paper],
  workedBefore: [],
}
const plan: Plan = finish(planSteps(request, new SimulatedResponses()))
const best = plan.best!
const shown = (assessment: Assessment = best) =>
  wordsOf(
    <PassesPanel plan={plan} assessment={assessment} request={request} isBorder={false} onPick={() => undefined} />,
  )

describe('the sum of a stack', () => {
  const figures = (words: string) =>
    [...words.matchAll(/−?\d+\.\d+(?= mm)/g)].map(([figure]) => Number(figure.replace('−', '-')))

  it('adds up to the hundredth: height less gap is squeeze', () => {
    const [total, gap, squeeze] = figures(wordsOf(<LedgerSum assessment={best} cut={request.cut} />)) as [
      number,
      number,
      number,
    ]
    expect(total - gap).toBeCloseTo(squeeze, 1)
    expect(total).toBeCloseTo(best.ledger.total.valueMm, 2)
  })

  it('is told in inches to a house of inches', () => {
    const words = wordsOf(<LedgerSum assessment={best} cut={request.cut} />, 'in')
    expect(words).toMatch(/\d in/)
    expect(words).not.toMatch(/\d mm/)
  })
})

describe('the passes', () => {
  it('are a line each, with what each leaves, the handle and the chance', () => {
    const words = shown()
    for (const [at, pass] of best.prediction!.passes.entries()) {
      expect(words).toContain(`${at + 1} `)
      if (pass.seen === 'clean') expect(words).toContain('clean')
    }
    expect(words).toContain('%')
    expect(words).not.toContain('100 %')
  })

  it('say how the handle will feel while nothing was simulated yet', () => {
    const { prediction: _, ...quick } = best
    const words = shown(quick)
    expect(words).not.toContain('At worst:')
  })

  it('say of a border that no stack is sure to do it in one pass, and only where that is so', () => {
    const border = (chance: number) => {
      const [first, ...rest] = best.prediction!.passes
      const prediction = { ...best.prediction!, passes: [{ ...first!, chance }, ...rest] }
      return wordsOf(
        <PassesPanel
          plan={{ ...plan, best: { ...best, prediction } }}
          assessment={best}
          request={request}
          isBorder
          onPick={() => undefined}
        />,
      )
    }
    expect(border(0.4)).toMatch(/the best has 40\s%/)
    expect(border(0.97)).not.toContain('pressed once in each place')
  })
})

describe('what can go wrong', () => {
  it('always says to stop when the handle fights, and that the booklet comes first', () => {
    const words = wordsOf(<FindingsPanel assessment={best} />)
    expect(words).toMatch(/fights/)
    expect(words).toMatch(/booklet/)
  })

  it('warns of magnets where one lies in the stack, and says how a pad had better lie', () => {
    const words = wordsOf(<FindingsPanel assessment={best} />)
    expect(words).toMatch(/pacemaker/)
    expect(words).toContain('Clear pad: plain face')
    const plain = { ...best, stack: best.stack.filter((layer) => layer.is !== 'plate' || !layer.plate.magnetic) }
    expect(wordsOf(<FindingsPanel assessment={plain} />)).not.toMatch(/pacemaker/)
  })

  it('tells each finding with its severity, gravest first', () => {
    const turned = best.stack.map((layer) => (layer.is === 'dies' ? { ...layer, blade: 'up' as const } : layer))
    const words = wordsOf(<FindingsPanel assessment={assessStack(request, turned, new SimulatedResponses())} />)
    expect(words).toContain('The blade looks away from the sheet.')
  })
})

describe('the band', () => {
  it('says where the stack lies between too loose and too tight', () => {
    const words = wordsOf(<BandPanel assessment={best} request={request} jobId="job" />)
    expect(words.toLowerCase()).toMatch(/loose/)
    expect(words.toLowerCase()).toMatch(/tight/)
  })
})
