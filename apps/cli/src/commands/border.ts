import { answerOfBorder, type BorderAnswer, borderFile } from '@bold-heron/schema'
import { judged, readJson } from '../read-file.js'

/** Works out how a border is joined: where each cut starts, how far the last misses the end, and how far each join is going to be out. */
export const border = (file: string): Promise<BorderAnswer> =>
  Promise.resolve().then(() => answerOfBorder(judged(borderFile, readJson(file))))
