import { createHash } from 'node:crypto'

const NAMESPACE = Buffer.from('6f0b2b4e5d0c4c0e9a573b1d8f6f2a11', 'hex')

/**
 * The id of a row of the demo, a UUID of version 5 (RFC 9562): the same at every load. Where two stacks are as good, ids decide,
 * and with other ids the year that is made up from them would be another.
 */
export const demoId = (table: string, key: string): string => {
  const bytes = createHash('sha1').update(NAMESPACE).update(`${table}/${key}`).digest().subarray(0, 16)
  bytes.writeUInt8((bytes.readUInt8(6) & 0x0f) | 0x50, 6)
  bytes.writeUInt8((bytes.readUInt8(8) & 0x3f) | 0x80, 8)
  return bytes.toString('hex').replace(/^(.{8})(.{4})(.{4})(.{4})/, '$1-$2-$3-$4-')
}
