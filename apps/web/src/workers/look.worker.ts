import { type LookAsked, type LookRead, readLook } from '@bold-heron/formats'
import { expose } from 'comlink'

const look = {
  /** Which stretches of lines hang, by a photo of the cut. */
  read: (asked: LookAsked): LookRead => readLook(asked),
}
export type LookWorker = typeof look

expose(look)
