import { planBorder } from '@bold-heron/core'
import { type BorderAnswer, borderFile } from '@bold-heron/schema'
import { judged, readJson } from '../read-file.js'

/** Works out how a border is joined: where each cut starts, how far the last misses the end, and how far each join is going to be out. */
export const border = (file: string): Promise<BorderAnswer> =>
  Promise.resolve().then(() => planBorder(judged(borderFile, readJson(file))))
