import type { Plate } from '../layers/plate.js'
import { platesIn, type Stack } from '../layers/stack.js'
import { feltBelief } from '../learning/felt.js'
import { quantileOf, type Spectrum } from '../learning/posterior.js'
import { type FeltGap, feltHeightMm, type FeltPlace, type FeltPlate, platesHeightMm } from '../press/felt-gap.js'
import type { Press } from '../press/press.js'
import { feltBase, firmStacks } from './felt-base.js'
import { GAP_KNOWN_WELL_MM, LEAD_NARROWS_TO, MOST_SHEETS_FELT } from './constants.js'

/** What to lead between the rollers next, and why there is nothing more to lead. */
export type NextFeeling =
  | { readonly is: 'lead'; readonly plates: readonly FeltPlate[] }
  | {
      readonly is: 'try'
      readonly plates: readonly FeltPlate[]
      readonly place: FeltPlace
      readonly sheets: number
    }
  | { readonly is: 'done' }
  /** The shelf has no firm plates low enough for paper to make up for the rest. */
  | { readonly is: 'no-plates' }

/** Bare plates are led in at most so often before paper. */
const MOST_LEADS = 6
/** mm. So far below a gap that nine in ten are wider than the plates under the paper end at least; where they grip all the same, lower ones come. */
const LEAST_BELOW_MM = 0.05
/** Tries beyond which one place tells nothing more. */
const MOST_TRIES_A_PLACE = 8
/** mm. Between what slips and what grips there need be no more than this, but a sheet at the least. */
const NEAR_ENOUGH_MM = 0.12

const widthOf = (gap: Spectrum): number => quantileOf(gap, 0.975) - quantileOf(gap, 0.025)

/** What is left of a belief where the gap is above or below a height, mm. */
const partOf = (
  gap: Spectrum,
  isKept: (gapMm: number) => boolean,
): { readonly chance: number; readonly gap: Spectrum } => {
  const kept = gap.chances.map((chance, at) => (isKept(gap.firstMm + at * gap.stepMm) ? chance : 0))
  const chance = kept.reduce((sum, each) => sum + each, 0)
  return { chance, gap: { ...gap, chances: kept.map((each) => (chance > 0 ? each / chance : 0)) } }
}

/** How well the gap is going to be known once plates of a height were led in: the expected width of nineteen cases in twenty, mm. */
const widthAfter = (gap: Spectrum, heightMm: number): number =>
  [partOf(gap, (mm) => mm < heightMm), partOf(gap, (mm) => mm >= heightMm)].reduce(
    (sum, { chance, gap: left }) => sum + (chance > 0 ? chance * widthOf(left) : 0),
    0,
  )

const feltPlates = (plates: readonly Plate[]): FeltPlate[] =>
  plates.map(({ id, thickness }) => ({ id, thicknessMm: thickness.valueMm, spreadMm: thickness.spreadMm }))

/** At each place as many sheets as are as likely to grip as to slip, until neighbours differ; then the next place. */
const nextTry = (felt: FeltGap, gap: Spectrum): { readonly place: FeltPlace; readonly sheets: number } | undefined => {
  const baseMm = feltHeightMm(felt, 0)
  for (const place of ['middle', 'left', 'right'] as const) {
    const here = felt.tries.filter((each) => each.place === place)
    const slips = Math.max(-1, ...here.flatMap(({ grips, sheets }) => (grips ? [] : [sheets])))
    const grips = Math.min(Infinity, ...here.flatMap((each) => (each.grips ? [each.sheets] : [])))
    const isNear = grips - slips <= Math.max(1, Math.floor(NEAR_ENOUGH_MM / felt.sheetMm))
    if (here.length >= MOST_TRIES_A_PLACE || isNear || grips === 0 || slips >= MOST_SHEETS_FELT) continue
    const likely = Math.round((quantileOf(gap, 0.5) - baseMm) / felt.sheetMm)
    const most = Math.min(grips - 1, MOST_SHEETS_FELT)
    return { place, sheets: Math.max(0, slips + 1, Math.min(likely, most)) }
  }
  return undefined
}

/**
 * What to lead between the rollers next, to find a press's gap out without a die. `before` is what is believed of it before this feeling; where
 * that is wide, as of a press that is known by its class only, bare plates narrow it first: the bare platform, and then whatever is
 * expected to narrow it most. Paper on plates that surely slip through finds the rest, at three places along the rollers.
 */
export const nextFeeling = (felt: FeltGap, before: Spectrum, shelf: readonly Plate[]): NextFeeling => {
  const { gap } = feltBelief(felt, before)
  if (felt.tries.length > 0) {
    const next = nextTry(felt, gap)
    return next ? { is: 'try', plates: felt.plates, ...next } : { is: 'done' }
  }
  const stacks = firmStacks(shelf)
  const widthMm = widthOf(gap)
  if (widthMm > GAP_KNOWN_WELL_MM && felt.leads.length < MOST_LEADS) {
    const led = new Set(felt.leads.map(({ plates }) => plates.map(({ id }) => id).join(' ')))
    const fresh = stacks.filter(({ plates }) => !led.has(plates.map(({ id }) => id).join(' ')))
    const bare = fresh.filter(({ plates }) => plates.length === 1).sort((a, b) => a.heightMm - b.heightMm)[0]
    if (felt.leads.length === 0 && bare) return { is: 'lead', plates: feltPlates(bare.plates) }
    let best: { readonly plates: readonly Plate[]; readonly widthMm: number } | undefined
    const seen = new Map<number, number>()
    for (const { plates, heightMm } of fresh) {
      const rounded = Math.round(heightMm / gap.stepMm)
      const after = seen.get(rounded) ?? widthAfter(gap, heightMm)
      seen.set(rounded, after)
      if (!best || after < best.widthMm - 1e-9) best = { plates, widthMm: after }
    }
    if (best && best.widthMm < LEAD_NARROWS_TO * widthMm) return { is: 'lead', plates: feltPlates(best.plates) }
  }
  const base = feltBase(stacks, quantileOf(gap, 0.5), quantileOf(gap, 0.1) - LEAST_BELOW_MM)
  if (!base) return felt.leads.length > 0 ? { is: 'done' } : { is: 'no-plates' }
  const plates = feltPlates(base)
  const next = nextTry({ ...felt, plates }, gap)
  return next ? { is: 'try', plates, ...next } : { is: 'done' }
}

/** A feeling with one more answer. Plates that grip without any paper were led in bare, which tells all that more paper on them did; lower ones come next. */
export const feltAfter = (
  felt: FeltGap,
  next: Extract<NextFeeling, { readonly is: 'lead' | 'try' }>,
  grips: boolean,
): FeltGap => {
  if (next.is === 'lead' || (next.sheets === 0 && grips && felt.tries.every((each) => each.grips)))
    return { ...felt, leads: [...felt.leads, { plates: next.plates, grips }], plates: [], tries: [] }
  const { plates, place, sheets } = next
  return { ...felt, plates, tries: [...felt.tries, { place, sheets, grips }] }
}

/** The plates of a stack as they are led in bare: without die and sheets. */
export const bareOf = (stack: Stack): FeltPlate[] => feltPlates(platesIn(stack))

/** Whether it was felt that the rollers take hold of plates no higher than the bare ones of a stack: with die and sheets it is far too high. */
export const gripsBare = ({ felt }: Pick<Press, 'felt'>, stack: Stack): boolean => {
  const bareMm = platesHeightMm(bareOf(stack))
  return felt.some(({ leads }) => leads.some(({ plates, grips }) => grips && platesHeightMm(plates) <= bareMm))
}
