import { existsSync, mkdirSync, rmSync, writeFileSync } from 'node:fs'
import { join } from 'node:path'
import {
  deviceChange,
  pairedDevice,
  pairingOffer,
  pairingWish,
  type Sharing,
  sharing,
  sharingWish,
  whoAsks,
} from '@bold-heron/schema'
import QRCode from 'qrcode'
import { refuse, refuseMissing } from '../../refusals/refusal.js'
import type { SharedDoor } from '../../sharing/shared-door.js'
import { lastDeeds, writeDown } from '../../store/audited-deeds.js'
import { allDevices, changeDevice, removeDevice } from '../../store/paired-devices.js'
import type { Workshop } from '../../store/workshop.js'
import { problemThat, refusedFields } from '../answers.js'
import type { Live } from '../live.js'
import { Reply, route, type Route } from '../route.js'
import { whoIs } from '../../sharing/who.js'

/** Where the next start looks whether the workshop is to be shared. */
const WANTED = 'wanted'

/** Who asks; and sharing with other devices: whether, with which, and who did what to that. */
export const sharingRoutes = (
  { sequelize }: Workshop,
  door: SharedDoor | undefined,
  folder: string | undefined,
  live: Live | undefined,
): Route[] => {
  const isWanted = (): boolean => folder !== undefined && existsSync(join(folder, WANTED))
  const told = async (): Promise<Sharing> => ({
    isOpen: door !== undefined,
    isWanted: isWanted(),
    addresses: door?.addresses ?? [],
    fingerprint: door?.trusted?.fingerprint ?? null,
    devices: await allDevices(sequelize),
    deeds: await lastDeeds(sequelize),
  })
  return [
    route({
      method: 'get',
      path: '/api/who',
      for: 'bench',
      summary: 'Who asks: the machine itself, or a device that was paired, and what it may do',
      answers: { 200: { says: 'Who asks', schema: whoAsks } },
      handle({ request }) {
        const { role, name, isHere } = whoIs(request)
        return { role, name, isHere }
      },
    }),
    route({
      method: 'get',
      path: '/api/sharing',
      for: 'owner',
      summary: 'Whether the workshop is shared, with which devices, and what was done to that',
      answers: { 200: { says: 'As it is now', schema: sharing } },
      handle: told,
    }),
    route({
      method: 'put',
      path: '/api/sharing',
      for: 'owner',
      summary: 'Whether the workshop is to be shared from the next start on',
      body: sharingWish,
      answers: { 200: { says: 'As it is now', schema: sharing }, 422: refusedFields },
      async handle({ body, request }) {
        if (folder === undefined) return refuse(404, 'not-shared')
        mkdirSync(folder, { recursive: true, mode: 0o700 })
        if (body.isWanted) writeFileSync(join(folder, WANTED), '')
        else rmSync(join(folder, WANTED), { force: true })
        const deed = body.isWanted ? 'sharing-on' : 'sharing-off'
        await writeDown(sequelize, { who: whoIs(request).name, deed, about: '' })
        return told()
      },
    }),
    route({
      method: 'post',
      path: '/api/pairing-codes',
      for: 'owner',
      summary: 'A code that lets one device in within five minutes; one that was offered before is worth nothing then',
      body: pairingWish,
      answers: {
        201: { says: 'The code', schema: pairingOffer },
        404: problemThat('Nothing is shared'),
        422: refusedFields,
      },
      async handle({ body, request }) {
        const [home] = door?.addresses ?? []
        if (!door || home === undefined) return refuse(404, 'not-shared')
        const { code, endsAt } = door.pairing.offer(body.role)
        await writeDown(sequelize, { who: whoIs(request).name, deed: 'code-offered', about: body.role })
        const address = `${home}pair`
        const qr = await QRCode.toString(`${address}?code=${code}`, { type: 'svg', margin: 1 })
        return new Reply(201, { code, endsAt: endsAt.toISOString(), address, qr })
      },
    }),
    ...deviceRoutes(sequelize, live),
  ]
}

/** Devices that were let in: what they may do, and sending them away. */
const deviceRoutes = (sequelize: Workshop['sequelize'], live: Live | undefined): Route[] => [
  route({
    method: 'put',
    path: '/api/paired-devices/{id}',
    for: 'owner',
    one: 'device',
    summary: 'Give a paired device another name, and say what it may do',
    body: deviceChange,
    answers: { 200: { says: 'The device as it is now', schema: pairedDevice }, 422: refusedFields },
    async handle({ id, body, request }) {
      const changed = (await changeDevice(sequelize, id, body)) ?? refuseMissing('device')
      const about = `${changed.name}: ${changed.role}`
      await writeDown(sequelize, { who: whoIs(request).name, deed: 'renamed', about })
      return changed
    },
  }),
  route({
    method: 'delete',
    path: '/api/paired-devices/{id}',
    for: 'owner',
    one: 'device',
    summary: 'Send a paired device away, at once',
    answers: { 200: { says: 'The device that was', schema: pairedDevice } },
    async handle({ id, request }) {
      const gone = (await removeDevice(sequelize, id)) ?? refuseMissing('device')
      live?.endFor(id)
      await writeDown(sequelize, { who: whoIs(request).name, deed: 'sent-away', about: gone.name })
      return gone
    },
  }),
]
