import { Mistake } from '../faults/guards.js'
import { powerCurve } from '../numerics/power-curve.js'
import { betweenStrengths, strengthNodes } from '../learning/strength-nodes.js'
import type { Between, Response, Thresholds } from './response.js'

/** A threshold in mm; null where it is never met. */
type Kept = number | null

/** What a response answered, as plain data: enough to plan by, whatever the plates and the gap are. Squeezes in mm. */
export interface ResponseRecord {
  readonly pileMm: number
  readonly harmSpoils: boolean
  readonly costOfHarm: number
  /** What it was asked for. */
  readonly mostPasses: number
  readonly handShare: number
  readonly window: Between | null
  /** At each of the strengths that stand for the sheet's doubt, in their order. */
  readonly nodes: readonly {
    readonly goodFromMm: readonly Kept[]
    readonly harmFromMm: readonly Kept[]
    readonly stopFromMm: Kept
  }[]
  /** What was looked at: effort as a share of the press's limit, and harm by the end of each pass. */
  readonly looks: readonly { readonly squeezeMm: number; readonly effort: number; readonly harm: readonly number[] }[]
}

const kept = (mm: number): Kept => (Number.isFinite(mm) ? mm : null)
const known = (mm: Kept | undefined): number => mm ?? Infinity

/** Asks a response all that a plan needs of it, for so many passes and a hand of this share of the press's limit. */
export const recordOf = (
  response: Response,
  { mostPasses, handShare }: Pick<ResponseRecord, 'mostPasses' | 'handShare'>,
): ResponseRecord => {
  const window = response.window(mostPasses, handShare) ?? null
  const nodes = strengthNodes.map(({ strength }) => {
    const { goodFromMm, stopFromMm } = response.thresholds(strength, handShare)
    return {
      goodFromMm: goodFromMm.map(kept),
      harmFromMm: response.harmFrom(strength).map(kept),
      stopFromMm: kept(stopFromMm),
    }
  })
  const looks = response.lookedMm.map((squeezeMm) => ({
    squeezeMm,
    effort: response.effortAt(squeezeMm),
    harm: Array.from({ length: mostPasses }, (_, at) => response.harmAt(squeezeMm, at + 1)),
  }))
  const { pileMm, harmSpoils, costOfHarm } = response
  return { pileMm, harmSpoils, costOfHarm, mostPasses, handShare, window, nodes, looks }
}

/** A response that answers from the record of another, without simulating anything. */
export class ResponseOfRecord implements Response {
  readonly simulated = 0
  private effort: ((squeezeMm: number) => number) | undefined
  private readonly remembered = new Map<number, Thresholds>()
  private readonly rememberedHarm = new Map<number, readonly number[]>()

  constructor(private readonly answers: ResponseRecord) {}

  get pileMm(): number {
    return this.answers.pileMm
  }

  get harmSpoils(): boolean {
    return this.answers.harmSpoils
  }

  get costOfHarm(): number {
    return this.answers.costOfHarm
  }

  get lookedMm(): readonly number[] {
    return this.answers.looks.map(({ squeezeMm }) => squeezeMm)
  }

  goodFrom(passes: number, strength = 1): number {
    return this.atStrength(strength, ({ goodFromMm }) => known(goodFromMm[passes - 1]))
  }

  effortFrom(share: number, strength = 1): number {
    this.mustBeFor(this.answers.mostPasses, share)
    return this.atStrength(strength, ({ stopFromMm }) => known(stopFromMm))
  }

  harmFrom(strength: number): readonly number[] {
    const there = this.rememberedHarm.get(strength)
    if (there) return there
    const made = this.ofEachPass((at) => this.atStrength(strength, ({ harmFromMm }) => known(harmFromMm[at])))
    this.rememberedHarm.set(strength, made)
    return made
  }

  thresholds(strength: number, handShare: number): Thresholds {
    const there = this.remembered.get(strength)
    if (there) return there
    const made = {
      goodFromMm: this.ofEachPass((at) => this.goodFrom(at + 1, strength)),
      stopFromMm: this.effortFrom(handShare, strength),
    }
    this.remembered.set(strength, made)
    return made
  }

  window(mostPasses: number, handShare: number): Between | undefined {
    this.mustBeFor(mostPasses, handShare)
    return this.answers.window ?? undefined
  }

  effortAt(squeezeMm: number): number {
    this.effort ??= powerCurve(
      this.lookedMm,
      this.answers.looks.map(({ effort }) => effort),
    )
    return this.effort(squeezeMm)
  }

  harmAt(squeezeMm: number, passes: number): number {
    return this.between(squeezeMm, ({ harm }) => harm[passes - 1] ?? 0)
  }

  private ofEachPass(value: (at: number) => number): number[] {
    return Array.from({ length: this.answers.mostPasses }, (_, at) => value(at))
  }

  private mustBeFor(mostPasses: number, handShare: number): void {
    const asked = this.answers
    if (mostPasses !== asked.mostPasses || handShare !== asked.handShare)
      throw new Mistake(
        `kept for ${asked.mostPasses} passes by ${asked.handShare}, asked for ${mostPasses} by ${handShare}`,
      )
  }

  private atStrength(strength: number, value: (node: ResponseRecord['nodes'][number]) => number): number {
    return betweenStrengths(strength, (nodeStrength) => {
      const at = strengthNodes.findIndex((node) => node.strength === nodeStrength)
      return value(this.answers.nodes[at] as ResponseRecord['nodes'][number])
    })
  }

  /** As SimulatedResponse reads between its looks; straight on beyond them. */
  private between(squeezeMm: number, value: (look: ResponseRecord['looks'][number]) => number): number {
    const { looks } = this.answers
    const found = looks.findIndex((look) => look.squeezeMm >= squeezeMm)
    const above = found === -1 ? looks.length - 1 : found
    const high = looks[above] as ResponseRecord['looks'][number]
    const low = looks[Math.max(0, above - 1)] as ResponseRecord['looks'][number]
    if (above === 0) return value(high)
    const share = (squeezeMm - low.squeezeMm) / (high.squeezeMm - low.squeezeMm)
    return (1 - share) * value(low) + share * value(high)
  }
}
