import { sentBundle } from '@bold-heron/schema'
import { gatherWhole } from '../planning/whole-bundle.js'
import { onOwnConnection } from '../store/own-connection.js'

/** The workshop as a device takes it along, as JSON. */
export const writeBundle = ({ databaseUrl }: { readonly databaseUrl: string }): Promise<Uint8Array> =>
  onOwnConnection(databaseUrl, async ({ sequelize }) =>
    new TextEncoder().encode(JSON.stringify(sentBundle(await gatherWhole(sequelize)))),
  )
