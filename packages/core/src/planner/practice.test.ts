import { expect, it } from 'vitest'
import type { Die } from '../dies/die.js'
import { typicalDie } from '../dies/typical.js'
import { type DieClass, factsOfDieClass } from '../dies/classes/list.js'
import type { CutContext } from '../job/cut-context.js'
import { defaultHouseRules } from '../job/house-rules.js'
import type { Plate } from '../layers/plate.js'
import { aCut, aKnownGood, aPlate, aPress, aSheet } from '../testing/makers.js'
import { measured } from '../units/measured.js'
import { planSteps } from './model-plan.js'
import { Responses } from './responses.js'
import { finish } from './steps.js'

/**
 * What practitioners know, put through the whole planner. Common practice, no source. The press is a small one whose booklet names a board of 7.4 mm
 * and two pads for an outline over one card, in one pass; plates as thick as they are named, dies as they are usual for their class.
 */
const board = aPlate({ id: 'board', name: 'board 7.4', kind: 'platform', mm: 7.4, count: 1 })
const thinBoard = aPlate({ id: 'thin board', name: 'board 1.5', kind: 'platform', mm: 1.5, count: 1 })
const pads = aPlate({ id: 'pads', name: 'pad 3', count: 2 })
const pad = aPlate({ id: 'pad', name: 'pad 3', count: 1 })
const steel = aPlate({ id: 'steel', name: 'steel 1', kind: 'hard-plate', mm: 1, count: 1 })
const soft = aPlate({ id: 'soft', name: 'soft mat 3', kind: 'soft-mat', mm: 3, count: 1 })
const spacer = aPlate({ id: 'spacer', name: 'spacer 1.5', kind: 'spacer', mm: 1.5, count: 1 })
const card = aPlate({ id: 'card', name: 'card 0.3', kind: 'shim', mm: 0.3, count: 6 })
const paper = aPlate({ id: 'paper', name: 'paper 0.1', kind: 'shim', mm: 0.1, count: 10 })

const press = aPress({ knownGood: [aKnownGood({ passes: 1, plates: [board, pads, pads] })] })
const dieOf = (dieClass: DieClass, more: Partial<Die> = {}): Die => ({
  ...typicalDie(dieClass, measured(factsOfDieClass(dieClass).heightMm, 'caliper')),
  ...more,
})

interface Fact {
  readonly fact: string
  readonly with: readonly Plate[]
  readonly cut: Partial<CutContext>
  /** Counts of passes that practitioners report. */
  readonly passes: readonly [from: number, to: number]
  /** Where the planner says otherwise: why. */
  readonly why?: string
}

const facts: readonly Fact[] = [
  { fact: 'Outline, one card of 0.3', with: [board, pads, paper], cut: {}, passes: [1, 2] },
  {
    fact: 'Lace, one card of 0.3, steel under it',
    with: [board, pad, steel, spacer, card, paper],
    cut: { dies: [dieOf('thin-lace')] },
    passes: [1, 2],
  },
  {
    fact: 'Lace, one card of 0.3, on pads',
    with: [board, pads, paper],
    cut: { dies: [dieOf('thin-lace')] },
    passes: [2, 3],
  },
  {
    fact: 'Lace, foil paper of 0.12 doubled, on pads',
    with: [board, pads, paper],
    cut: { dies: [dieOf('thin-lace')], sheet: aSheet({ kind: 'foil-paper', mm: 0.12 }), sheetCount: 2 },
    passes: [3, 4],
    why: 'the foil is taken for no harder than its table value, whatever holds the two together',
  },
  { fact: 'Outline, one card of 0.3, soft mat', with: [board, soft, pad, spacer, paper], cut: {}, passes: [2, 2] },
  {
    fact: 'Outline, two cards of 0.3, soft mat',
    with: [board, soft, pad, spacer, paper],
    cut: { sheetCount: 2 },
    passes: [4, 4],
  },
  {
    fact: 'Outline, three cards of 0.3, soft mat, in a house of up to eight passes',
    with: [board, soft, pad, spacer, paper],
    cut: { sheetCount: 3, rules: { ...defaultHouseRules, mostPasses: 8 } },
    passes: [6, 8],
    why: 'on a stack that is a little tighter than people lay',
  },
  {
    fact: 'Small cased die, three cards of 0.3',
    with: [board, thinBoard, pads, card, paper],
    cut: { dies: [dieOf('small-cased')], sheetCount: 3 },
    passes: [1, 1],
    why: 'it stays nearer the middle of the window than one pass wants',
  },
  {
    fact: 'Outline not made for foam, foam of 2',
    with: [board, pads, paper],
    cut: { sheet: aSheet({ kind: 'craft-foam', mm: 2 }) },
    passes: [2, 3],
  },
  {
    fact: 'Die made for foam, foam of 2',
    with: [board, thinBoard, pads, card, paper],
    cut: { dies: [dieOf('small-cased', { fitForFoam: true })], sheet: aSheet({ kind: 'craft-foam', mm: 2 }) },
    passes: [1, 2],
  },
]

const counted = ([from, to]: readonly [number, number]): string =>
  from === to ? `${from}` : `${from} ${to - from > 1 ? 'to' : 'or'} ${to}`

it('says what practice says, or docs/practice.md says why not', async () => {
  const responses = new Responses()
  const rows = facts.map((each) => {
    const asked = {
      technique: 'cut' as const,
      region: 'all' as const,
      cut: aCut({ press, dies: [dieOf('thin-outline')], ...each.cut }),
      shelf: each.with,
      workedBefore: [],
    }
    const { best } = finish(planSteps(asked, responses))
    const { recommended, passes } = best!.prediction!
    const agrees = recommended >= each.passes[0] && recommended <= each.passes[1]
    expect(agrees, each.fact).toBe(each.why === undefined)
    const last = passes[recommended - 1]!
    const stack = best!.stack.flatMap((layer) => (layer.is === 'plate' ? [layer.plate.name] : [])).join(', ')
    return `| ${each.fact} | ${stack} | ${counted(each.passes)} | ${recommended}, ${last.feel} | ${agrees ? 'yes' : `no: ${each.why}`} |`
  })
  const page = `# What practice knows

Facts that every practitioner knows (common practice, no source), put through the planner by \`packages/core/src/planner/practice.test.ts\`, which makes this page.
Passes, and how the handle feels at the last of them. All on a small hand press whose booklet names a board of 7.4 mm and two pads of 3 mm for an
outline over one card of 0.3 mm, in one pass. Thicknesses in mm.

| What is cut | Stack of the plan | Practice, passes | The plan | Agrees |
| --- | --- | --- | --- | --- |
${rows.join('\n')}
`
  await expect(page).toMatchFileSnapshot('../../../../docs/practice.md')
})
