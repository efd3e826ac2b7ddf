// A backup a day while the workshop is open.
import { setInterval, setTimeout } from 'node:timers'
import { dumpOfDay } from './kept-dumps.mjs'
import { say } from './say.mjs'

/** Not at once, when people wait for the first page. */
const FIRST_MS = 120_000
const AGAIN_MS = 3_600_000

/** Looks every hour whether the day's backup is due; one that fails is told, and tried again. */
export const dumpEveryDay = (root, url) => {
  const look = () =>
    dumpOfDay(root, url).catch((error) =>
      say(`the day’s backup could not be made: ${error.message} It is tried again in an hour.`),
    )
  setTimeout(() => void look(), FIRST_MS).unref()
  setInterval(() => void look(), AGAIN_MS).unref()
}
