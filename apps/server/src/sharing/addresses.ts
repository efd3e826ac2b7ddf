import { BlockList, isIP } from 'node:net'
import { networkInterfaces } from 'node:os'

/** Ranges of addresses that no other network leads to (RFC 1918, 3927, 4193, 4291), as bytes and length of their prefix. */
export const PRIVATE_RANGES = [
  { address: '10.0.0.0', prefix: 8, family: 'ipv4' },
  { address: '172.16.0.0', prefix: 12, family: 'ipv4' },
  { address: '192.168.0.0', prefix: 16, family: 'ipv4' },
  { address: '169.254.0.0', prefix: 16, family: 'ipv4' },
  { address: '127.0.0.0', prefix: 8, family: 'ipv4' },
] as const

const privateOnes = new BlockList()
for (const { address, prefix, family } of PRIVATE_RANGES) privateOnes.addSubnet(address, prefix, family)

/** Whether it is an address of a home network, or of the machine itself. */
export const isPrivate = (address: string): boolean => isIP(address) === 4 && privateOnes.check(address, 'ipv4')

/** The addresses by which other devices of the home network find this machine. */
export const homeAddresses = (): string[] =>
  Object.values(networkInterfaces())
    .flatMap((each) => each ?? [])
    .filter(({ internal, address }) => !internal && isPrivate(address))
    .map(({ address }) => address)
    .sort()
