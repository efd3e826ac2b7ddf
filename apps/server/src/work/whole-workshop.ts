import { readAs, type WorkshopFile, workshopFile } from '@bold-heron/schema'
import { refuse, refuseFields } from '../refusals/refusal.js'
import { onOwnConnection } from '../store/own-connection.js'
import { type ReadPhoto, readPhoto } from '../store/read-photo.js'
import { exportWorkshop, importWorkshop } from '../store/workshop-file.js'
import type { Hands } from './hands.js'

/** Shares of the way through an import at which the file is read, and its photos are. */
const READ = 0.2
const PHOTOS_READ = 0.4

/** A file's bytes as the schema reads them. */
const fileOf = (bytes: Uint8Array): WorkshopFile => {
  let json: unknown
  try {
    json = JSON.parse(new TextDecoder('utf-8', { fatal: true }).decode(bytes))
  } catch {
    return refuse(400, 'not-json')
  }
  const read = readAs(workshopFile, json)
  return read.ok ? read.data : refuseFields(read.faults)
}

/** The photos of a file, each read anew, so that nothing comes in that is no photo. */
const photosOf = async ({ photos }: WorkshopFile, tell: Hands['tell']): Promise<ReadPhoto[]> => {
  const read: ReadPhoto[] = []
  for (const [at, { jpegBase64 }] of photos.entries()) {
    read.push(
      (await readPhoto(Buffer.from(jpegBase64, 'base64'))) ?? refuse(422, 'photo-unreadable', { values: { at } }),
    )
    tell((at + 1) / photos.length)
  }
  return read
}

/** Puts the workshop of a file in the place of the present one; says how many rows of each kind it holds. */
export const readWorkshop = async (
  { databaseUrl, bytes }: { readonly databaseUrl: string; readonly bytes: Uint8Array },
  { tell }: Hands,
) => {
  const file = fileOf(bytes)
  tell(READ)
  const photos = await photosOf(file, (share) => tell(READ + (PHOTOS_READ - READ) * share))
  await onOwnConnection(databaseUrl, ({ sequelize }) =>
    importWorkshop(sequelize, file, photos, (share) => tell(PHOTOS_READ + (1 - PHOTOS_READ) * share)),
  )
  const { plates, presses, dies, sheets, jobs, runs, recipes } = file
  return {
    plates: plates.length,
    presses: presses.length,
    dies: dies.length,
    sheets: sheets.length,
    jobs: jobs.length,
    runs: runs.length,
    recipes: recipes.length,
  }
}

/** Gives away the whole workshop as a file, by parts. */
export const writeWorkshop = (
  { databaseUrl, at }: { readonly databaseUrl: string; readonly at: Date },
  { give }: Hands,
): Promise<void> =>
  onOwnConnection(databaseUrl, (workshop) =>
    exportWorkshop(workshop, at, (part) => give(new TextEncoder().encode(part))),
  )
