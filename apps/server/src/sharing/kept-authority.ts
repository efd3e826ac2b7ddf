import { existsSync, mkdirSync, readFileSync, renameSync, writeFileSync } from 'node:fs'
import { join } from 'node:path'
import { type Certified, makeAuthority, makeLeaf, stillGood } from './certificates.js'

/** Only whoever owns the file may read it. */
const OWN_EYES = 0o600
/** A leaf is renewed so many days before it ends. */
const DAYS_LEFT = 30

const read = (folder: string, name: string): Certified | undefined => {
  const [certificate, key] = [join(folder, `${name}.crt.pem`), join(folder, `${name}.key.pem`)]
  return existsSync(certificate) && existsSync(key)
    ? { certificate: readFileSync(certificate, 'utf8'), key: readFileSync(key, 'utf8') }
    : undefined
}

/** Whole or not at all, whenever the power goes. */
const keepFile = (path: string, content: string): void => {
  writeFileSync(`${path}.new`, content, { mode: OWN_EYES })
  renameSync(`${path}.new`, path)
}

const keep = (folder: string, name: string, { certificate, key }: Certified): void => {
  mkdirSync(folder, { recursive: true, mode: 0o700 })
  keepFile(join(folder, `${name}.key.pem`), key)
  keepFile(join(folder, `${name}.crt.pem`), certificate)
}

/** The authority of this workshop: made once, kept in a folder. */
export const authorityIn = async (folder: string, now: Date): Promise<Certified> => {
  const kept = read(folder, 'authority')
  if (kept) return kept
  const made = await makeAuthority(`Bold Heron, made ${now.toISOString().slice(0, 10)}`, now)
  keep(folder, 'authority', made)
  return made
}

/** What the server shows for these addresses; made anew where they changed, or where it ends soon. */
export const leafIn = async (
  folder: string,
  authority: Certified,
  addresses: readonly string[],
  now: Date,
): Promise<Certified> => {
  const kept = read(folder, 'leaf')
  if (kept && stillGood(kept, authority, addresses, DAYS_LEFT, now)) return kept
  const made = await makeLeaf(authority, addresses, now)
  keep(folder, 'leaf', made)
  return made
}
