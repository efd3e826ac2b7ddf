import type { QueryClient } from '@tanstack/react-query'
import { reach } from '../data/reach.js'
import { takeAlong } from '../data/taking-along.js'
import { keepPages, tellBack } from '../offline/register.js'

const FIRST_AFTER_MS = 4_000
const EVERY_MS = 10 * 60_000
const ASK_AGAIN_MS = 4_000

/** Takes along what an evening takes, now and then for as long as the page is open. */
const keepTakingAlong = (): void => {
  const take = () => {
    if (reach.reached.is === 'there') takeAlong(new Date()).catch(() => undefined)
  }
  setTimeout(take, FIRST_AFTER_MS)
  setInterval(take, EVERY_MS)
}

/** Looks whether the server is there again, and has everything asked anew once it is. */
const lookAgain = (client: QueryClient): void => {
  const look = async () => {
    if (reach.reached.is === 'there') return
    const answer = await fetch('/api/health').catch(() => undefined)
    if (!answer?.ok) return
    tellBack()
    reach.answered(answer)
    await client.invalidateQueries()
  }
  setInterval(() => void look(), ASK_AGAIN_MS)
  addEventListener('online', () => void look())
}

/** Prepares a device beside the press for being without a connection: it keeps the pages, and what tonight takes. */
export const prepareForOffline = async (client: QueryClient): Promise<void> => {
  lookAgain(client)
  await keepPages()
  keepTakingAlong()
}
