import { answerOfCard, type CardAnswer, cardFile } from '@bold-heron/schema'
import { judged, readJson } from '../read-file.js'

/** Works out what a card needs: the square that its envelope is folded from. */
export const card = (file: string): Promise<CardAnswer> =>
  Promise.resolve().then(() => answerOfCard(judged(cardFile, readJson(file))))
