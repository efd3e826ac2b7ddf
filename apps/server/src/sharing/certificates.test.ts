import { X509Certificate } from 'node:crypto'
import { mkdtempSync, rmSync, statSync } from 'node:fs'
import { createServer, get } from 'node:https'
import type { AddressInfo } from 'node:net'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { afterAll, describe, expect, it } from 'vitest'
import { type Certified, makeAuthority, makeLeaf, stillGood } from './certificates.js'
import { authorityIn, leafIn } from './kept-authority.js'

const now = new Date()
const DAY_MS = 86_400_000
const authority = await makeAuthority('A workshop', now)

/** What a client that trusts the authority says of a server that shows this. */
const reached = async ({ certificate, key }: Certified, host: string): Promise<string> => {
  const server = createServer({ cert: certificate, key }, (_request, response) => void response.end('hello'))
  await new Promise<void>((resolve) => server.listen(0, host, resolve))
  const { port } = server.address() as AddressInfo
  try {
    return await new Promise((resolve) =>
      get({ host, port, ca: authority.certificate, agent: false }, (response) => {
        response.resume()
        response.on('end', () => resolve('reached'))
      }).on('error', (error: NodeJS.ErrnoException) => resolve(`${error.code} ${error.message}`)),
    )
  } finally {
    server.close()
  }
}

describe('an authority', () => {
  it('is trusted for addresses of a home network, and for what it vouched for alone', async () => {
    const leaf = await makeLeaf(authority, ['127.0.0.1', '192.168.1.20'], now)
    expect(await reached(leaf, '127.0.0.1')).toBe('reached')
    expect(await reached(leaf, '127.0.0.2')).toContain('ERR_TLS_CERT_ALTNAME_INVALID')
    expect(await reached(await makeLeaf(await makeAuthority('Another', now), ['127.0.0.1'], now), '127.0.0.1')).toMatch(
      /UNABLE|SELF_SIGNED/,
    )
  })

  it('can vouch for no other address, not even with its key', async () => {
    expect(await reached(await makeLeaf(authority, ['127.0.0.1', '8.8.8.8'], now), '127.0.0.1')).toContain(
      'permitted subtree violation',
    )
  })

  it('says that it is one, and a leaf that it is none', async () => {
    const leaf = await makeLeaf(authority, ['127.0.0.1'], now)
    expect(new X509Certificate(authority.certificate).ca).toBe(true)
    expect(new X509Certificate(leaf.certificate).ca).toBe(false)
    expect(new X509Certificate(leaf.certificate).verify(new X509Certificate(authority.certificate).publicKey)).toBe(
      true,
    )
  })
})

describe('what is kept of it', () => {
  const folder = mkdtempSync(join(tmpdir(), 'heron-authority-'))
  afterAll(() => rmSync(folder, { recursive: true, force: true }))

  it('is made once, for its owner’s eyes only; a leaf anew where addresses change or it ends soon', async () => {
    const made = await authorityIn(folder, now)
    expect(await authorityIn(folder, now)).toEqual(made)
    for (const name of ['authority.key.pem', 'authority.crt.pem'])
      expect(statSync(join(folder, name)).mode & 0o777).toBe(0o600)
    const leaf = await leafIn(folder, made, ['10.0.0.7'], now)
    expect(await leafIn(folder, made, ['10.0.0.7'], now)).toEqual(leaf)
    const moved = await leafIn(folder, made, ['10.0.0.8'], now)
    expect(moved).not.toEqual(leaf)
    expect(stillGood(moved, made, ['10.0.0.8'], 30, now)).toBe(true)
    const later = new Date(now.getTime() + 70 * DAY_MS)
    expect(await leafIn(folder, made, ['10.0.0.8'], later)).not.toEqual(moved)
  })
})
