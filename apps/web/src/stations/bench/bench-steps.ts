import type { Stack } from '@bold-heron/core'
import type { RoundInHand } from './session.js'

/** One thing to do at the Bench. */
export type BenchStep =
  | { readonly is: 'check' }
  /** Mark the card and lay it out, where that was planned in Place. */
  | { readonly is: 'lay-out' }
  /** The layer to lay next, counted from the bottom. */
  | { readonly is: 'lay'; readonly layer: number }
  | { readonly is: 'change' }
  | { readonly is: 'fresh-sheets' }
  | { readonly is: 'hold' }
  | { readonly is: 'feed' }
  | { readonly is: 'press' }
  | { readonly is: 'look' }
  | { readonly is: 'tell' }

/** The steps of a round, in the order people work. */
export const stepsOfRound = (stack: Stack, { laying, freshSheets }: RoundInHand, isLaidOut = false): BenchStep[] => {
  const press: BenchStep[] = [{ is: 'press' }, { is: 'look' }, { is: 'tell' }]
  switch (laying) {
    case 'all':
      return [
        { is: 'check' },
        ...(isLaidOut ? [{ is: 'lay-out' } as const] : []),
        ...stack.flatMap((layer, at): BenchStep[] => [
          { is: 'lay', layer: at },
          ...(layer.is === 'dies' ? [{ is: 'hold' } as const] : []),
        ]),
        { is: 'feed' },
        ...press,
      ]
    case 'change':
      return [{ is: 'change' }, ...(freshSheets ? [{ is: 'fresh-sheets' } as const] : []), { is: 'feed' }, ...press]
    case 'nothing':
      return [...(freshSheets ? [{ is: 'fresh-sheets' } as const, { is: 'feed' } as const] : []), ...press]
  }
}
