import { describe, expect, it } from 'vitest'
import { CountingHand } from '../../e2e/fixtures/counting-hand.js'
import { toldInUse } from '../../e2e/fixtures/told-in-use.js'
import { setOut, withDemo } from '../../e2e/fixtures/journey.js'
import { css, picker } from '../../e2e/fixtures/spot.js'
import { en } from '../../e2e/fixtures/words.js'

const { browser } = await setOut(withDemo)

/** On to the page of the small clear pad. */
const toPad = async (hand: CountingHand): Promise<void> => {
  await hand.follow('Shelf')
  await hand.follow('Plates & shims')
  await hand.decideToFollow('Clear pad, small')
}

/** Makes the job that the form tells of, and keeps it as it begins to lie on the card. */
const toKeptPlacement = async (hand: CountingHand): Promise<void> => {
  await hand.press('Make the job and plan it')
  await browser.untilPath(/^\/jobs\/.+\/place$/)
  await hand.press('Keep the placement')
  await browser.says('is kept')
}

const openTab = async (hand: CountingHand, name: string): Promise<void> => hand.does(() => browser.open(name))

const ways: readonly (readonly [string, (hand: CountingHand) => Promise<void>])[] = [
  [
    'press a known job to the log',
    async (hand) => {
      await hand.decideToFollow('Sail lace panel for programmes')
      await hand.press('at a glance')
      await hand.press('Write it down')
      await browser.says('58 of 120 made')
    },
  ],
  [
    'ask for a stack',
    async (hand) => {
      await hand.choose('Die asked about', 'Compass rose lace')
      await browser.match(/pass(es)?, then look/)
    },
  ],
  [
    'find how a die was cut last',
    async (hand) => {
      await hand.choose('Die asked about', 'Lattice sail lace')
      await browser.match(/Last time: 2 × Ivory card 250 on the Library A4 hand press/)
    },
  ],
  [
    'plan for a die and card',
    async (hand) => {
      await hand.follow('New job')
      await hand.choose('Die', 'Compass rose lace')
      await browser.says('Silver foil paper')
      await hand.press('Make the job and plan it')
      await browser.untilPath(/^\/jobs\/.+\/plan$/)
    },
  ],
  [
    'log a clean run',
    async (hand) => {
      await hand.press('Jot down a run')
      await hand.decide('clean')
      await browser.says('It is in the log.')
    },
  ],
  [
    'log a look that hangs',
    async (hand) => {
      await hand.press('Jot down a run')
      await hand.decide('hanging in places')
      await browser.says('It is in the log.')
    },
  ],
  [
    'find last month’s recipe',
    async (hand) => {
      await hand.follow('Recipes')
      await hand.decideToFollow('Box kites, two passes')
      await browser.untilPath(/^\/log\/recipes\//)
    },
  ],
  [
    'change the sheet',
    async (hand) => {
      await hand.follow('Plan Compass rose lace')
      await hand.choose(en.plan.settings.sheet, 'White cover card')
      await browser.until(
        async () => (await browser.text(picker(en.plan.settings.sheet))).includes('White'),
        'the other sheet',
      )
    },
  ],
  [
    'lay a die with equal margins',
    async (hand) => {
      await hand.follow('New job')
      await hand.point('Cut in a panel')
      await hand.choose('Die', 'Box kite outline')
      await browser.says('Kraft')
      await toKeptPlacement(hand)
    },
  ],
  [
    'print a template',
    async (hand) => {
      await hand.follow('The card of Word on a fold: KITE')
      await openTab(hand, 'Print')
      await hand.press('PDF, true size')
    },
  ],
  [
    'measure a pad',
    async (hand) => {
      await toPad(hand)
      await hand.type(en.shelf.field.thicknessMm, '3.01 mm')
      await hand.press(en.common.save)
      await browser.says('is saved')
    },
  ],
  [
    'keep a stack',
    async (hand) => {
      await hand.follow('Plan Compass rose lace')
      await hand.press(en.plan.stack.keep)
      await browser.says('Kept for')
    },
  ],
  [
    'see whether a card fits',
    async (hand) => {
      await hand.follow('The card of Window with the lighthouse')
      await openTab(hand, 'Result')
      await browser.says('Pieces')
    },
  ],
  [
    'see how a pad wears',
    async (hand) => {
      await toPad(hand)
      await browser.says(en.shelf.wear.title)
    },
  ],
  [
    'ask what squeeze is',
    async (hand) => {
      await hand.follow('Plan Compass rose lace')
      await hand.press('Squeeze')
      await browser.says('what the press has to take up')
    },
  ],
  [
    'have inches',
    async (hand) => {
      await hand.does(() => browser.click(css('[aria-label=Inches]')))
      await browser.counts(css('[aria-label=Inches][data-state=on]'), 1)
    },
  ],
  [
    'print a chart',
    async (hand) => {
      await hand.follow('Wall')
      await hand.decideToFollow('Harbour press by thickness')
      await browser.says('cells stand on a base stack')
      await hand.press(en.wall.print.pdf)
    },
  ],
  [
    'lay a word on a fold',
    async (hand) => {
      await hand.follow('New job')
      await hand.point('A word on a fold')
      await hand.type(en.jobs.spell, 'KITE')
      await toKeptPlacement(hand)
    },
  ],
  [
    'plan an evening of three dies',
    async (hand) => {
      await hand.follow(en.jobs.evening)
      for (const [die, count] of [
        ['Lattice sail lace', '24'],
        ['Box kite outline', '12'],
        ['Gull trio', '48'],
      ] as const) {
        await hand.type(en.wall.evening.asked.count, count)
        await hand.choose(en.wall.evening.asked.die, die)
        await hand.press(en.wall.evening.asked.add)
        await browser.says(`0 of ${count}`)
      }
      await hand.press(en.common.save)
      await browser.says(en.wall.evening.sheets)
    },
  ],
]

describe('from the Jobs page', () => {
  it.each(ways)('%s takes as many taps as docs/use.md says', async (thing, way) => {
    await browser.go('/jobs')
    await browser.says('Under way')
    const hand = new CountingHand(browser)
    await way(hand)
    expect(hand.counted).toEqual(toldInUse(thing))
  })
})
