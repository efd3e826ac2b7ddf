import 'reflect-metadata'
import { webcrypto, X509Certificate } from 'node:crypto'
import { AsnConvert } from '@peculiar/asn1-schema'
import { GeneralName, GeneralSubtree, GeneralSubtrees, NameConstraints } from '@peculiar/asn1-x509'
import * as x509 from '@peculiar/x509'
import { PRIVATE_RANGES } from './addresses.js'

x509.cryptoProvider.set(webcrypto as never)

const KEYS = { name: 'ECDSA', namedCurve: 'P-256', hash: 'SHA-256' } as const
const DAY_MS = 86_400_000
/** An authority is trusted by hand on every device, so it lasts; what it vouches for is renewed by itself. */
const AUTHORITY_DAYS = 3650
const LEAF_DAYS = 90
const NAME_CONSTRAINTS = '2.5.29.30'
/** No name lies below this one (RFC 2606). */
const NO_NAME = 'invalid'

/** A certificate and its key, as PEM. */
export interface Certified {
  readonly certificate: string
  readonly key: string
}

/** Whoever steals the authority's key can vouch for addresses of home networks with it, and for no name (RFC 5280, 4.2.1.10). */
const onlyAtHome = (): x509.Extension => {
  const permitted = [
    ...PRIVATE_RANGES.map(({ address, prefix }) => new GeneralName({ iPAddress: `${address}/${prefix}` })),
    new GeneralName({ dNSName: NO_NAME }),
  ].map((base) => new GeneralSubtree({ base }))
  const constraints = new NameConstraints({ permittedSubtrees: new GeneralSubtrees(permitted) })
  return new x509.Extension(NAME_CONSTRAINTS, true, AsnConvert.serialize(constraints))
}

const pemOfKey = async (key: webcrypto.CryptoKey): Promise<string> =>
  x509.PemConverter.encode(await webcrypto.subtle.exportKey('pkcs8', key), 'PRIVATE KEY')

const keysOf = (): Promise<webcrypto.CryptoKeyPair> => webcrypto.subtle.generateKey(KEYS, true, ['sign', 'verify'])

/** From a day ago: a device whose clock is a little behind takes it too. */
const validFrom = (now: Date, days: number) => ({
  notBefore: new Date(now.getTime() - DAY_MS),
  notAfter: new Date(now.getTime() + days * DAY_MS),
})

/** Makes an authority that can vouch for addresses of home networks and nothing else. */
export const makeAuthority = async (name: string, now: Date): Promise<Certified> => {
  const keys = await keysOf()
  const certificate = await x509.X509CertificateGenerator.createSelfSigned({
    name: [{ CN: [name] }],
    ...validFrom(now, AUTHORITY_DAYS),
    signingAlgorithm: KEYS,
    keys,
    extensions: [
      new x509.BasicConstraintsExtension(true, 0, true),
      new x509.KeyUsagesExtension(x509.KeyUsageFlags.keyCertSign | x509.KeyUsageFlags.cRLSign, true),
      await x509.SubjectKeyIdentifierExtension.create(keys.publicKey),
      onlyAtHome(),
    ],
  })
  return { certificate: certificate.toString('pem'), key: await pemOfKey(keys.privateKey) }
}

/** Has an authority vouch for these addresses. */
export const makeLeaf = async (authority: Certified, addresses: readonly string[], now: Date): Promise<Certified> => {
  const issuer = new x509.X509Certificate(authority.certificate)
  const signingKey = await webcrypto.subtle.importKey(
    'pkcs8',
    x509.PemConverter.decodeFirst(authority.key),
    KEYS,
    false,
    ['sign'],
  )
  const keys = await keysOf()
  const certificate = await x509.X509CertificateGenerator.create({
    subject: [{ CN: ['Bold Heron at this address'] }],
    issuer: issuer.subject,
    ...validFrom(now, LEAF_DAYS),
    signingAlgorithm: KEYS,
    publicKey: keys.publicKey,
    signingKey,
    extensions: [
      new x509.BasicConstraintsExtension(false, undefined, true),
      new x509.KeyUsagesExtension(x509.KeyUsageFlags.digitalSignature, true),
      new x509.ExtendedKeyUsageExtension([x509.ExtendedKeyUsage.serverAuth]),
      new x509.SubjectAlternativeNameExtension(addresses.map((value) => ({ type: 'ip' as const, value }))),
      await x509.AuthorityKeyIdentifierExtension.create(issuer.publicKey),
    ],
  })
  return { certificate: certificate.toString('pem'), key: await pemOfKey(keys.privateKey) }
}

/** Whether a leaf still vouches for all of these addresses, by this authority, for so many days. */
export const stillGood = (
  leaf: Certified,
  authority: Certified,
  addresses: readonly string[],
  days: number,
  now: Date,
): boolean => {
  const its = new X509Certificate(leaf.certificate)
  return (
    its.verify(new X509Certificate(authority.certificate).publicKey) &&
    new Date(its.validTo).getTime() > now.getTime() + days * DAY_MS &&
    addresses.every((address) => its.checkIP(address) !== undefined)
  )
}

/** SHA-256, in pairs of digits, as devices show it. */
export const fingerprintOf = ({ certificate }: Certified): string => new X509Certificate(certificate).fingerprint256
