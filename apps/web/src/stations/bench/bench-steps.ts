import { type BenchGuide, type GuideStep, type Stack } from '@bold-heron/core'
import type { RoundInHand } from './session.js'

/** One thing to do at the Bench. */
export type BenchStep =
  | { readonly is: GuideStep }
  /** Mark the card and lay it out, where that was planned in Place. */
  | { readonly is: 'lay-out' }
  /** The layer to lay next, counted from the bottom. */
  | { readonly is: 'lay'; readonly layer: number }
  | { readonly is: 'change' }
  | { readonly is: 'fresh-sheets' }
  | { readonly is: 'press' }
  | { readonly is: 'tell' }

const asked = (steps: readonly GuideStep[]): BenchStep[] => steps.map((is) => ({ is }))

/** The steps of a round, in the order people work, as the technique guides them. */
export const stepsOfRound = (
  stack: Stack,
  { laying, freshSheets }: RoundInHand,
  guide: BenchGuide,
  isLaidOut = false,
): BenchStep[] => {
  const then = asked(guide.then)
  const press: BenchStep[] = [{ is: 'press' }, ...asked(guide.finally), { is: 'tell' }]
  const fresh: BenchStep[] = freshSheets ? [{ is: 'fresh-sheets' }] : []
  switch (laying) {
    case 'all':
      return [
        ...asked(guide.first),
        ...(isLaidOut ? [{ is: 'lay-out' } as const] : []),
        ...stack.flatMap((layer, at): BenchStep[] => [
          { is: 'lay', layer: at },
          ...(layer.is === 'dies' ? asked(guide.afterDies) : []),
        ]),
        ...then,
        ...press,
      ]
    case 'change':
      return [{ is: 'change' }, ...fresh, ...then, ...press]
    case 'nothing':
      return [...fresh, ...(freshSheets ? then : []), ...press]
  }
}
