import { inHundredths, SimulatedResponses } from '@bold-heron/core'
import { refusalOfDatabase } from '../refusals/of-database.js'
import { Refused } from '../refusals/refusal.js'
import { BEGUN, type Sent } from '../threads/pool.js'
import type { Hands } from './hands.js'
import { type TaskName, tasks } from './tasks.js'
import type { Outcome, Told } from './work.js'

const responses = new SimulatedResponses()

/** What a thread of the pool does with what it is sent. */
const doTask = async ({ name, input, port }: Sent): Promise<Outcome> => {
  port.postMessage(BEGUN)
  const say = (told: Told): void => port.postMessage(told)
  const hands: Hands = {
    responses,
    tell: inHundredths((share) => say({ is: 'share', share })),
    give: (part) => say({ is: 'part', part }),
  }
  try {
    const made = await tasks[name as TaskName].work(input as never, hands)
    return { is: 'made', made }
  } catch (error) {
    const refusal = error instanceof Refused ? error.refusal : refusalOfDatabase(error)
    if (!refusal) throw error
    return { is: 'refused', refusal }
  } finally {
    port.close()
  }
}
export default doTask
