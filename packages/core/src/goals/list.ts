import { cleanCut } from './clean-cut/clean-cut.js'
import { crease } from './crease/crease.js'
import { foilLine } from './foil-line/foil-line.js'
import { formed } from './formed/formed.js'
import { relief } from './relief/relief.js'

/** Everything that a press run may be for. */
export const goals = [cleanCut, crease, relief, formed, foilLine] as const

/** The goal by whose ordinary round it is told what one more would teach of a press. */
export const ordinaryGoal = cleanCut
