// npm start -- --share [--cert FILE --key FILE]: whether other devices of the home network are let in, and what vouches for this machine.
import { existsSync } from 'node:fs'
import { join, resolve } from 'node:path'
import { parseArgs } from 'node:util'
import { freePort } from './ports.mjs'
import { giveUp } from './say.mjs'

const FIRST_PORT = 4410

const asked = () => {
  try {
    return parseArgs({
      options: { share: { type: 'boolean' }, cert: { type: 'string' }, key: { type: 'string' } },
    }).values
  } catch (error) {
    return giveUp(`${error.message} npm start takes --share, and with it --cert FILE and --key FILE.`)
  }
}

/** What the server is told of sharing: where what belongs to it is kept, and the rest only where it is wanted. */
export const sharingOf = async (root) => {
  const { share = false, cert, key } = asked()
  const folder = join(root, '.data', 'sharing')
  for (const [name, file] of Object.entries({ cert, key })) {
    if (file === undefined) continue
    if (!share) giveUp(`--${name} is only of use with --share.`)
    if (!existsSync(file)) giveUp(`--${name} is "${file}", and there is no such file.`)
  }
  if ((cert === undefined) !== (key === undefined)) giveUp('--cert and --key belong together: give both, or neither.')
  if (!share && !existsSync(join(folder, 'wanted'))) return { SHARING_FOLDER: folder }
  return {
    SHARING_FOLDER: folder,
    SHARE: 'yes',
    SHARE_PORT: process.env.SHARE_PORT ?? String(await freePort(FIRST_PORT)),
    ...(cert ? { SHARE_CERT: resolve(cert), SHARE_KEY: resolve(key) } : {}),
  }
}
