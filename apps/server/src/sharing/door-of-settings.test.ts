import { describe, expect, it } from 'vitest'
import { isPrivate } from './addresses.js'
import { doorOfSettings } from './door-of-settings.js'

describe('what a door is asked to be', () => {
  it.each([
    [{ SHARE_AT: '192.168.1.20, 8.8.8.8' }, /SHARE_AT names "8.8.8.8", which is no address of a home network/],
    [{ SHARE_AT: 'tablet.example' }, /SHARE_AT names "tablet.example"/],
    [{ SHARE_PORT: 'many' }, /SHARE_PORT is "many"; give a port from 1 to 65535/],
    [{ SHARE_PORT: '70000' }, /SHARE_PORT is "70000"/],
    [{ SHARE_CERT: 'mine.pem' }, /--cert and --key belong together/],
  ])('is refused with what is wrong and what would do: %j', (settings, words) => {
    expect(() => doorOfSettings('/nowhere', 4310, settings)).toThrow(words)
  })

  it('admits nobody before it is open', () => {
    const door = doorOfSettings('/nowhere', 4310, { SHARE_AT: '192.168.1.20' })
    expect(door.addresses).toEqual([])
    expect(door.admits('192.168.1.20:5310')).toBe(false)
  })
})

describe('an address of a home network', () => {
  // RFC 1918, 3927 and loopback; the first and last of each, and what lies beside them.
  it.each(['10.0.0.0', '10.255.255.255', '172.16.0.0', '172.31.255.255', '192.168.0.1', '169.254.9.9', '127.0.0.2'])(
    '%s is one',
    (address) => expect(isPrivate(address)).toBe(true),
  )
  it.each(['9.255.255.255', '11.0.0.0', '172.15.255.255', '172.32.0.0', '192.167.255.255', '8.8.8.8', 'localhost', ''])(
    '%s is none',
    (address) => expect(isPrivate(address)).toBe(false),
  )
})
