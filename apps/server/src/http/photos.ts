import { randomUUID } from 'node:crypto'
import type { WorkshopFile } from '@bold-heron/schema'
import express, { type Express, type Request } from 'express'
import { PhotoModel } from '../store/models/photo-model.js'
import { toPhotoRow } from '../store/photos.js'
import { type ReadPhoto, readPhoto } from '../store/read-photo.js'
import { inWriting } from '../store/transactions.js'
import type { Workshop } from '../store/workshop.js'
import { idOf } from './id-of.js'
import { refuse } from './problems.js'

/** What a camera makes, with room to spare. */
const PHOTO_LIMIT = '20mb'
const MOST_OF_A_RUN = 12

const photoOf = async (request: Request): Promise<PhotoModel> =>
  (await PhotoModel.findByPk(idOf(request, 'photo'))) ?? refuse(404, 'There is no such photo.')

/** The photos of a file, each read anew, so that nothing comes in that is no photo. */
export const photosOf = async ({ photos }: WorkshopFile): Promise<ReadPhoto[]> => {
  const read: ReadPhoto[] = []
  for (const [at, { jpegBase64 }] of photos.entries())
    read.push(
      (await readPhoto(Buffer.from(jpegBase64, 'base64'))) ??
        refuse(422, `photos.${at}.jpegBase64 is no photo that can be read; leave it out.`),
    )
  return read
}

/** Photos of runs: taken in, shown, deleted and had back. */
export const addPhotos = (app: Express, workshop: Workshop): void => {
  app.get('/api/runs/:id/photos', async (request, response) => {
    const runId = idOf(request, 'run')
    const photos = await PhotoModel.findAll({
      where: { runId, deletedAt: null },
      attributes: { exclude: ['jpeg'] },
      order: [['createdAt', 'ASC']],
    })
    response.json(photos.map(toPhotoRow))
  })
  app.post('/api/runs/:id/photos', express.raw({ type: () => true, limit: PHOTO_LIMIT }), async (request, response) => {
    const runId = idOf(request, 'run')
    if (!(await workshop.runs.find(runId))) return refuse(404, 'There is no such run.')
    const photo = Buffer.isBuffer(request.body) ? await readPhoto(request.body) : undefined
    if (!photo) return refuse(415, 'This is no JPEG, PNG or WebP that can be read. Send the photo itself.')
    const stored = await inWriting(workshop.sequelize, async (transaction) => {
      if ((await PhotoModel.count({ where: { runId, deletedAt: null }, transaction })) >= MOST_OF_A_RUN)
        return refuse(422, `A run keeps ${MOST_OF_A_RUN} photos at most; delete one first.`)
      return PhotoModel.create(
        { id: randomUUID(), runId, createdAt: new Date(), deletedAt: null, ...photo },
        { transaction },
      )
    })
    response.status(201).json(toPhotoRow(stored))
  })
  app.get('/api/photos/:id', async (request, response) => {
    const { jpeg, deletedAt } = await photoOf(request)
    if (deletedAt) return refuse(404, 'This photo was deleted.')
    response.type('image/jpeg').set('Cache-Control', 'private, max-age=31536000, immutable').send(jpeg)
  })
  const mark = async (request: Request, deletedAt: Date | null) => {
    const photo = await photoOf(request)
    await inWriting(workshop.sequelize, (transaction) => photo.update({ deletedAt }, { transaction }))
    return toPhotoRow(photo)
  }
  app.delete('/api/photos/:id', async (request, response) => {
    response.json(await mark(request, new Date()))
  })
  app.post('/api/photos/:id/restore', async (request, response) => {
    response.json(await mark(request, null))
  })
}
