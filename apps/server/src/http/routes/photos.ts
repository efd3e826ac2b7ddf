import { randomUUID } from 'node:crypto'
import { firstPhoto, type Photographed, photographed, photographedKinds, photoRow } from '@bold-heron/schema'
import express from 'express'
import { z } from 'zod'
import { PhotoModel } from '../../store/models/photo-model.js'
import { firstPhotosOf, toPhotoRow } from '../../store/photos.js'
import { inWriting } from '../../store/transactions.js'
import type { Workshop } from '../../store/workshop.js'
import type { Work } from '../../work/work.js'
import { problemThat, refusedFields } from '../answers.js'
import { refuse, refuseMissing } from '../../refusals/refusal.js'
import { Reply, route, type Route } from '../route.js'

/** What a camera makes, with room to spare. */
const PHOTO_LIMIT = '20mb'
const MOST_OF_ONE = 12

const photoOf = async (id: string): Promise<PhotoModel> => (await PhotoModel.findByPk(id)) ?? refuseMissing('photo')

const binary = z.string().meta({ format: 'binary' })

const ones = { runs: 'run', dies: 'die', plates: 'plate' } as const

/** The photos of one kind of thing: shown, and taken in. */
const photosOf = (kind: Photographed, workshop: Workshop, work: Work): Route[] => {
  const one = ones[kind]
  const field = photographed[kind]
  const path = `/api/${kind}/{id}/photos` as const
  return [
    route({
      method: 'get',
      path,
      for: 'bench',
      one,
      summary: `The photos of a ${one}`,
      answers: { 200: { says: 'The photos', schema: z.array(photoRow) } },
      async handle({ id }) {
        if (!(await workshop[kind].find(id))) return refuseMissing(one)
        const photos = await PhotoModel.findAll({
          where: { [field]: id, deletedAt: null },
          attributes: { exclude: ['jpeg'] },
          order: [['createdAt', 'ASC']],
        })
        return photos.map(toPhotoRow)
      },
    }),
    route({
      method: 'post',
      path,
      for: 'helper',
      one,
      summary: `Keeps a photo of a ${one}: a JPEG, PNG or WebP by its content, made small and without metadata`,
      before: [express.raw({ type: () => true, limit: PHOTO_LIMIT })],
      body: { type: 'image/*', schema: binary },
      answers: {
        201: { says: 'The photo', schema: photoRow },
        415: problemThat('No photo'),
        422: refusedFields,
      },
      async handle({ id, request }) {
        if (!(await workshop[kind].find(id))) return refuseMissing(one)
        const photo = Buffer.isBuffer(request.body) ? await work.run('readPhoto', request.body) : undefined
        if (!photo) return refuse(415, 'no-photo')
        const stored = await inWriting(workshop.sequelize, async (transaction) => {
          if ((await PhotoModel.count({ where: { [field]: id, deletedAt: null }, transaction })) >= MOST_OF_ONE)
            return refuse(422, 'too-many-photos', { values: { limit: MOST_OF_ONE } })
          return PhotoModel.create(
            {
              id: randomUUID(),
              [field]: id,
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
  ]
}

/** Photos of runs, dies and plates: taken in, shown, deleted and had back. */
export const photoRoutes = (workshop: Workshop, work: Work): Route[] => {
  const mark = async (id: string, deletedAt: Date | null) => {
    const photo = await photoOf(id)
    await inWriting(workshop.sequelize, (transaction) => photo.update({ deletedAt }, { transaction }))
    return toPhotoRow(photo)
  }
  const thePhoto = { 200: { says: 'The photo', schema: photoRow } }
  return [
    ...photographedKinds.flatMap((kind) => photosOf(kind, workshop, work)),
    route({
      method: 'get',
      path: '/api/first-photos',
      for: 'bench',
      summary: 'The first photo of each thing that has one',
      query: z.object({ of: z.enum(photographedKinds).default('dies') }),
      answers: { 200: { says: 'The photos', schema: z.array(firstPhoto) }, 422: refusedFields },
      handle: ({ query }) => firstPhotosOf(photographed[query.of]),
    }),
    route({
      method: 'get',
      path: '/api/photos/{id}',
      for: 'bench',
      one: 'photo',
      summary: 'A photo',
      answers: { 200: { says: 'The photo', schema: binary, type: 'image/jpeg' } },
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
      for: 'helper',
      one: 'photo',
      summary: 'Delete a photo; it can be restored',
      answers: thePhoto,
      handle: ({ id }) => mark(id, new Date()),
    }),
    route({
      method: 'post',
      path: '/api/photos/{id}/restore',
      for: 'helper',
      one: 'photo',
      summary: 'Undo the deleting of a photo',
      answers: thePhoto,
      handle: ({ id }) => mark(id, null),
    }),
  ]
}
