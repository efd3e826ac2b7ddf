import type { PhotoInFile, Photographed, photographed, PhotoRow } from '@bold-heron/schema'
import { Op, type Transaction } from 'sequelize'
import { PhotoModel } from './models/photo-model.js'
import type { ReadPhoto } from './read-photo.js'

export const toPhotoRow = ({ id, runId, dieId, plateId, createdAt, width, height }: PhotoModel): PhotoRow => ({
  id,
  runId,
  dieId,
  plateId,
  createdAt: createdAt.toISOString(),
  width,
  height,
})

/** The first photo of each thing of a kind that has one. */
export const firstPhotosOf = async (
  field: (typeof photographed)[Photographed],
): Promise<{ readonly ofId: string; readonly photoId: string }[]> => {
  const photos = await PhotoModel.findAll({
    where: { [field]: { [Op.ne]: null }, deletedAt: null },
    attributes: ['id', field],
    order: [['createdAt', 'DESC']],
    raw: true,
  })
  // The first of each stays, as it is set last.
  return [...new Map(photos.map((photo) => [photo[field] ?? '', photo.id]))].map(([ofId, photoId]) => ({
    ofId,
    photoId,
  }))
}

/** Every photo with its pixels, deleted ones too, in a fixed order, one at a time. */
export async function* photosForFile(transaction: Transaction): AsyncGenerator<PhotoInFile[]> {
  const ids = await PhotoModel.findAll({ attributes: ['id'], order: [['id', 'ASC']], transaction })
  for (const { id } of ids) {
    const photo = await PhotoModel.findByPk(id, { transaction, rejectOnEmpty: true })
    const { runId, dieId, plateId, createdAt, deletedAt, jpeg } = photo
    yield [
      {
        id,
        runId,
        dieId,
        plateId,
        createdAt: createdAt.toISOString(),
        deletedAt: deletedAt?.toISOString() ?? null,
        jpegBase64: jpeg.toString('base64'),
      },
    ]
  }
}

/** Puts photos of a file into the place of all there are; `read` holds them as they were read, in the same order. */
export const replacePhotos = async (
  photos: readonly PhotoInFile[],
  read: readonly ReadPhoto[],
  transaction: Transaction,
): Promise<void> => {
  await PhotoModel.destroy({ where: {}, transaction })
  // One by one: each is long.
  for (const [at, { jpegBase64: _, ...photo }] of photos.entries())
    await PhotoModel.create({ ...photo, ...(read[at] as ReadPhoto) }, { transaction })
}
