import { AwayError } from './client.js'

/** What the server answers; where that is out of reach, what `otherwise` has. Where it has nothing, it stays out of reach. */
export const orWhenAway = async <Answer>(
  asked: Promise<Answer>,
  otherwise: () => Promise<Answer | undefined>,
): Promise<Answer> => {
  try {
    return await asked
  } catch (error) {
    const found = error instanceof AwayError ? await otherwise() : undefined
    if (found === undefined) throw error
    return found
  }
}
