// A stamp says of what sources something was made, so that it is made again only once they changed. Node built-ins only.
import { existsSync, mkdirSync, readFileSync, writeFileSync } from 'node:fs'
import { dirname } from 'node:path'

/** Whether the stamp in a file is this one. */
export const isStamped = (file, stamp) => existsSync(file) && readFileSync(file, 'utf8') === stamp

/** Writes a stamp, and the folder it stands in. */
export const writeStamp = (file, stamp) => {
  mkdirSync(dirname(file), { recursive: true })
  writeFileSync(file, stamp)
}
