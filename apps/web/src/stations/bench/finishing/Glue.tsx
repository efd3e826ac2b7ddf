import { factsOfJoin } from '@bold-heron/core'
import { Timer } from '../Timer.js'
import type { ShownFinishing } from './finishing.js'

/** How long wet glue dries before the next layer goes on. */
export const Glue: ShownFinishing = () => <Timer of="glue" minutes={factsOfJoin('wet-glue').dryingMinutes} />
