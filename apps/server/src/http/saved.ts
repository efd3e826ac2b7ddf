import type { Saved } from '../store/table.js'
import { refuse, refuseFields, refuseMissing } from '../refusals/refusal.js'
import { Reply } from './route.js'

/**
 * A row with its version as its tag, so that a save can name it. A row says more than what its version counts (names of other things, how far it is),
 * so no browser may take the tag for leave to show what it has.
 */
export const rowReply = (row: { readonly version: number }, status = 200): Reply =>
  new Reply(status, row, { ETag: `"${row.version}"`, 'Cache-Control': 'no-store' })

/** The same as it is sent, written once for however many are answered with it. */
export const writtenReply = (row: { readonly version: number }): Reply => {
  const { status, headers } = rowReply(row)
  return new Reply(status, JSON.stringify(row), { ...headers, 'Content-Type': 'application/json; charset=utf-8' })
}

/** The answer to a save, by how it ended. */
export const savedReply = <Row extends { version: number }>(saved: Saved<Row>, one: string, status = 200): Reply => {
  switch (saved.is) {
    case 'saved':
      return rowReply(saved.row, status)
    case 'missing':
      return refuseMissing(one)
    case 'stale':
      return refuse(412, 'changed-meanwhile', {
        values: { one, version: saved.current.version },
        current: saved.current,
      })
    case 'refused':
      return refuseFields(saved.errors)
  }
}
