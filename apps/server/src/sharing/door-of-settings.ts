import { readFileSync } from 'node:fs'
import { homeAddresses, isPrivate } from './addresses.js'
import { SharedDoor } from './shared-door.js'

/** The port of the machine itself is the next but so many. */
const BESIDE = 1000

const addressesOf = (typed: string): string[] => {
  const addresses = typed.split(',').map((each) => each.trim())
  const foreign = addresses.find((each) => !isPrivate(each))
  if (foreign !== undefined)
    throw new Error(
      `SHARE_AT names "${foreign}", which is no address of a home network, such as 192.168.1.20. Leave it out to use all that there are.`,
    )
  return addresses
}

/**
 * The door as it was asked for at the start: SHARE_AT, addresses with commas between them, in place of all of the home network; SHARE_PORT; and
 * SHARE_CERT with SHARE_KEY, files of PEM, in place of an authority of this workshop's own. Throws where one of them cannot be used.
 */
export const doorOfSettings = (folder: string, homePort: number, settings: NodeJS.ProcessEnv): SharedDoor => {
  const { SHARE_AT: at, SHARE_PORT: typed, SHARE_CERT: cert, SHARE_KEY: key } = settings
  if ((cert === undefined) !== (key === undefined))
    throw new Error('--cert and --key belong together: give both, or neither.')
  const port = typed === undefined ? homePort + BESIDE : Number(typed)
  if (!(Number.isInteger(port) && port > 0 && port < 65_536))
    throw new Error(`SHARE_PORT is "${typed}"; give a port from 1 to 65535, or leave it out.`)
  const named = at === undefined ? undefined : addressesOf(at)
  return new SharedDoor({
    folder,
    port,
    addressesNow: () => named ?? homeAddresses(),
    own:
      cert === undefined || key === undefined
        ? undefined
        : { certificate: readFileSync(cert, 'utf8'), key: readFileSync(key, 'utf8') },
  })
}
