import { type BenchGuide, type GuideStep, type Stack } from '@bold-heron/core'
import type { RoundInHand } from './session.js'

/** What the technique's guide asks for, a type for each. */
type AskedStep = { readonly [Is in GuideStep]: { readonly is: Is } }[GuideStep]

/** One thing to do at the Bench. */
export type BenchStep =
  | AskedStep
  /** Cut sheets to size before anything is laid. */
  | { readonly is: 'to-size' }
  /** Mark the card and lay it out, where that was planned in Place. */
  | { readonly is: 'lay-out' }
  /** The layer to lay next, counted from the bottom. */
  | { readonly is: 'lay'; readonly layer: number }
  | { readonly is: 'change' }
  | { readonly is: 'fresh-sheets' }
  /** Scrap first, and then the one piece, where there is only one. */
  | { readonly is: 'rehearse' }
  | { readonly is: 'one-piece' }
  /** Mark the strip for a border, and each laying of the die after the first, counted from 0. */
  | { readonly is: 'border-marks' }
  | { readonly is: 'border-cut'; readonly join: number }
  /** Waxed paper over what lies there of card and die. */
  | { readonly is: 'waxed-paper' }
  /** The guide over the card, by which the die is laid, and off again. */
  | { readonly is: 'guide-lay' }
  | { readonly is: 'guide-lift' }
  | { readonly is: 'press' }
  /** A tray under it before anything is lifted, for what falls out of the openings. */
  | { readonly is: 'tray' }
  | { readonly is: 'tell' }

/** Whether the card was laid out in Place, and what is pressed: any sheet, scrap to rehearse on, or the only piece there is. */
interface LaidHow {
  readonly isLaidOut: boolean
  readonly piece: 'any' | 'scrap' | 'only'
  /** How often the die is laid anew along a strip, where it is a border. */
  readonly joins?: number | undefined
  /** Whether waxed paper lies between card and die, and whether what falls out of the openings is kept. */
  readonly waxed?: boolean
  readonly keepsCounters?: boolean
  /** Whether sheets are cut to size first. */
  readonly toSize?: boolean
  /** Whether dies are laid by their guides. */
  readonly guided?: boolean
}

const asked = (steps: readonly GuideStep[]): BenchStep[] => steps.map((is) => ({ is }))

/** The steps of a round, in the order people work, as the technique guides them. */
export const stepsOfRound = (
  stack: Stack,
  { laying, freshSheets }: RoundInHand,
  guide: BenchGuide,
  { isLaidOut, piece, joins, waxed = false, keepsCounters = false, toSize = false, guided = false }: LaidHow = {
    isLaidOut: false,
    piece: 'any',
  },
): BenchStep[] => {
  const then = asked(guide.then)
  const along = Array.from({ length: joins ?? 0 }, (_, join): BenchStep => ({ is: 'border-cut', join }))
  const press: BenchStep[] = [
    { is: 'press' },
    ...along,
    ...(keepsCounters ? [{ is: 'tray' } as const] : []),
    ...asked(guide.finally),
    { is: 'tell' },
  ]
  const wax: BenchStep[] = waxed ? [{ is: 'waxed-paper' }] : []
  /** Card or die, whichever is laid first. */
  const under = stack.find(({ is }) => is !== 'plate')?.is
  const within = guide.sheetWithin
  const freshStep: BenchStep = piece === 'only' ? { is: 'one-piece' } : within ? { is: within } : { is: 'fresh-sheets' }
  const size: BenchStep[] = toSize ? [{ is: 'to-size' }] : []
  const fresh: BenchStep[] = freshSheets ? [...size, freshStep, ...wax] : []
  const afterLayer = ({ is }: Stack[number]): BenchStep[] => [
    ...(is === 'dies' ? asked(guide.afterDies) : is === 'sheets' ? asked(guide.afterSheets ?? []) : []),
    ...(is === under ? wax : []),
  ]
  const lay = (layer: Stack[number], at: number): BenchStep[] => {
    const its: BenchStep[] = [{ is: 'lay', layer: at }, ...afterLayer(layer)]
    return guided && layer.is === 'dies' ? [{ is: 'guide-lay' }, ...its, { is: 'guide-lift' }] : its
  }
  const isLaid = ({ is }: Stack[number]): boolean => is !== 'sheets' || !within
  switch (laying) {
    case 'all':
      return [
        ...asked(guide.first),
        ...size,
        ...(piece === 'scrap' ? [{ is: 'rehearse' } as const] : piece === 'only' ? [{ is: 'one-piece' } as const] : []),
        ...(isLaidOut ? [{ is: 'lay-out' } as const] : []),
        ...(joins === undefined ? [] : [{ is: 'border-marks' } as const]),
        ...stack.flatMap((layer, at): BenchStep[] => (isLaid(layer) ? lay(layer, at) : [])),
        ...then,
        ...press,
      ]
    case 'change':
      return [{ is: 'change' }, ...fresh, ...then, ...press]
    case 'onto':
    case 'things':
      return [
        // What lies there already need not be got out and looked over again.
        ...asked(guide.first.filter((is) => is !== 'check')),
        ...size,
        ...(laying === 'onto' ? [{ is: 'change' } as const] : []),
        ...(isLaidOut ? [{ is: 'lay-out' } as const] : []),
        ...(joins === undefined ? [] : [{ is: 'border-marks' } as const]),
        ...stack.flatMap((layer, at): BenchStep[] => (layer.is === 'plate' || !isLaid(layer) ? [] : lay(layer, at))),
        ...then,
        ...press,
      ]
    case 'nothing':
      return [...fresh, ...(freshSheets ? then : []), ...press]
  }
}
