import { Timer } from '../Timer.js'
import type { ShownFinishing } from './finishing.js'

/** Minutes that card glue usually wants before it is handled. Common practice, no source. */
const GLUE_MINUTES = 5

export const Glue: ShownFinishing = () => <Timer of="glue" minutes={GLUE_MINUTES} />
