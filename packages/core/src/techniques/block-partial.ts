import { finding, fullCut, plates } from './full-cut.js'
import { followsSequence } from './sequence.js'
import { type CutContext, dieClassOf, type Place, type Technique } from './technique.js'

const block: Place = plates('block', ['press-block'], 1, 1)

/** A block is thicker than the pad it stands for: the platform may leave the stack, and a pad may fill it up instead. */
const below: readonly Place[] = [
  plates('platform', ['platform'], 0, 1),
  plates('spacer', ['spacer', 'cutting-pad'], 0, 1),
  plates('spacer', ['spacer'], 0, 1),
]

/** As for a full cut, with a block behind the die; the plate that it replaces in height may leave the stack. */
const placesOf: Technique['places'] = (dieClass, bladeSide, rules) =>
  fullCut.places(dieClass, bladeSide, rules).flatMap((place): Place[] => {
    if (place.is === 'dies') return bladeSide === 'down' ? [place, block] : [block, place]
    if (place.is !== 'plates') return [place]
    if (place.role === 'platform') return [...below]
    if (place.role === 'spacer') return []
    return [place.role === 'pad' ? { ...place, least: 0 } : place]
  })

/** Cutting only under a press block: everywhere else the stack is thinner by the block, so that nothing touches. */
export const blockPartial = {
  ...fullCut,
  id: 'block-partial' as const,
  places: placesOf,

  ofPiece(role, plate, cut) {
    // What is pressed is what the block covers, so it covers it.
    return role === 'block' ? [] : fullCut.ofPiece(role, plate, cut)
  },

  ofStack(stack, cut: CutContext) {
    const found = fullCut.ofStack(stack, cut).filter(({ code }) => code !== 'unusual-order')
    if (!stack.some((layer) => layer.is === 'plate' && layer.plate.kind === 'press-block'))
      return [...found, finding('block-missing', 'stop')]
    const places = placesOf(dieClassOf(cut), cut.bladeSide, { ...cut.rules, hardPlateUnderOutline: 'allowed' })
    const stopped = found.some((each) => each.severity === 'stop')
    return stopped || followsSequence(stack, places) ? found : [...found, finding('unusual-order', 'note')]
  },
} satisfies Technique
