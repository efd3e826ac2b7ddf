import { randomUUID } from 'node:crypto'
import { photoRow } from '@bold-heron/schema'
import express from 'express'
import { z } from 'zod'
import { PhotoModel } from '../../store/models/photo-model.js'
import { toPhotoRow } from '../../store/photos.js'
import { inWriting } from '../../store/transactions.js'
import type { Workshop } from '../../store/workshop.js'
import type { Work } from '../../work/work.js'
import { notThere, problemThat, refusedFields } from '../answers.js'
import { refuse, refuseMissing } from '../../refusals/refusal.js'
import { Reply, route, type Route } from '../route.js'

/** What a camera makes, with room to spare. */
const PHOTO_LIMIT = '20mb'
const MOST_OF_A_RUN = 12

const photoOf = async (id: string): Promise<PhotoModel> => (await PhotoModel.findByPk(id)) ?? refuseMissing('photo')

const binary = z.string().meta({ format: 'binary' })

/** Photos of runs: taken in, shown, deleted and had back. */
export const photoRoutes = (workshop: Workshop, work: Work): Route[] => {
  const mark = async (id: string, deletedAt: Date | null) => {
    const photo = await photoOf(id)
    await inWriting(workshop.sequelize, (transaction) => photo.update({ deletedAt }, { transaction }))
    return toPhotoRow(photo)
  }
  const thePhoto = { 200: { says: 'The photo', schema: photoRow }, 404: notThere }
  return [
    route({
      method: 'get',
      path: '/api/runs/{id}/photos',
      one: 'run',
      summary: 'The photos of a run',
      answers: { 200: { says: 'The photos', schema: z.array(photoRow) } },
      async handle({ id }) {
        const photos = await PhotoModel.findAll({
          where: { runId: id, deletedAt: null },
          attributes: { exclude: ['jpeg'] },
          order: [['createdAt', 'ASC']],
        })
        return photos.map(toPhotoRow)
      },
    }),
    route({
      method: 'post',
      path: '/api/runs/{id}/photos',
      one: 'run',
      summary: 'Keeps a photo of a run: a JPEG, PNG or WebP by its content, made small and without metadata',
      before: [express.raw({ type: () => true, limit: PHOTO_LIMIT })],
      body: { type: 'image/*', schema: binary },
      answers: {
        201: { says: 'The photo', schema: photoRow },
        404: notThere,
        415: problemThat('No photo'),
        422: refusedFields,
      },
      async handle({ id: runId, request }) {
        if (!(await workshop.runs.find(runId))) return refuseMissing('run')
        const photo = Buffer.isBuffer(request.body) ? await work.run('readPhoto', request.body) : undefined
        if (!photo) return refuse(415, 'no-photo')
        const stored = await inWriting(workshop.sequelize, async (transaction) => {
          if ((await PhotoModel.count({ where: { runId, deletedAt: null }, transaction })) >= MOST_OF_A_RUN)
            return refuse(422, 'too-many-photos', { values: { limit: MOST_OF_A_RUN } })
          return PhotoModel.create(
            {
              id: randomUUID(),
              runId,
              createdAt: new Date(),
              deletedAt: null,
              ...photo,
              jpeg: Buffer.from(photo.jpeg),
            },
            { transaction },
          )
        })
        return new Reply(201, toPhotoRow(stored))
      },
    }),
    route({
      method: 'get',
      path: '/api/photos/{id}',
      one: 'photo',
      summary: 'A photo',
      answers: { 200: { says: 'The photo', schema: binary, type: 'image/jpeg' }, 404: notThere },
      async handle({ id }) {
        const { jpeg, deletedAt } = await photoOf(id)
        if (deletedAt) return refuse(404, 'photo-deleted')
        return new Reply(200, jpeg, {
          'Content-Type': 'image/jpeg',
          'Cache-Control': 'private, max-age=31536000, immutable',
        })
      },
    }),
    route({
      method: 'delete',
      path: '/api/photos/{id}',
      one: 'photo',
      summary: 'Delete a photo; it can be restored',
      answers: thePhoto,
      handle: ({ id }) => mark(id, new Date()),
    }),
    route({
      method: 'post',
      path: '/api/photos/{id}/restore',
      one: 'photo',
      summary: 'Undo the deleting of a photo',
      answers: thePhoto,
      handle: ({ id }) => mark(id, null),
    }),
  ]
}
