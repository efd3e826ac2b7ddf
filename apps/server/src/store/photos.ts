import type { PhotoInFile, PhotoRow } from '@bold-heron/schema'
import type { Transaction } from 'sequelize'
import { PhotoModel } from './models/photo-model.js'
import type { ReadPhoto } from './read-photo.js'

export const toPhotoRow = ({ id, runId, createdAt, width, height }: PhotoModel): PhotoRow => ({
  id,
  runId,
  createdAt: createdAt.toISOString(),
  width,
  height,
})

/** Every photo with its pixels, deleted ones too, in a fixed order, one at a time. */
export async function* photosForFile(transaction: Transaction): AsyncGenerator<PhotoInFile[]> {
  const ids = await PhotoModel.findAll({ attributes: ['id'], order: [['id', 'ASC']], transaction })
  for (const { id } of ids) {
    const photo = await PhotoModel.findByPk(id, { transaction, rejectOnEmpty: true })
    const { runId, createdAt, deletedAt, jpeg } = photo
    yield [
      {
        id,
        runId,
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
  for (const [at, { id, runId, createdAt, deletedAt }] of photos.entries())
    await PhotoModel.create({ id, runId, createdAt, deletedAt, ...(read[at] as ReadPhoto) }, { transaction })
}
