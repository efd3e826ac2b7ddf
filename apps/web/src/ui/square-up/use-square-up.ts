import type { Picture, Pixel, Scale } from '@bold-heron/formats'
import { useState } from 'react'
import { pictureAddress, readPicture } from './read-picture.js'

/** Sheets that lie on every craft table, mm (ISO 216; Letter 8 1/2 × 11 in). */
export const knownSheets = {
  a4: { widthMm: 210, heightMm: 297 },
  a5: { widthMm: 148, heightMm: 210 },
  a6: { widthMm: 105, heightMm: 148 },
  letter: { widthMm: 215.9, heightMm: 279.4 },
} as const
export type KnownSheet = keyof typeof knownSheets | 'own'

const FIRST_INSET = 0.1

/** A picture being squared up: its pixels, where its corners or ends were laid, and the scale that follows. */
export const useSquareUp = () => {
  const [picture, setPicture] = useState<Picture>()
  const [address, setAddress] = useState('')
  const [name, setName] = useState('')
  const [by, setBy] = useState<Scale['by']>('sheet')
  const [corners, setCorners] = useState<Pixel[]>([])
  const [ends, setEnds] = useState<Pixel[]>([])
  const [sheet, setSheet] = useState<KnownSheet>('a6')
  const [lies, setLies] = useState<'upright' | 'across'>('across')
  const [own, setOwn] = useState({ widthMm: 100, heightMm: 100 })
  const [lengthMm, setLengthMm] = useState(100)

  const open = async (file: Blob, fileName: string): Promise<void> => {
    const read = await readPicture(file)
    const [w, h] = [read.width, read.height]
    const inset = FIRST_INSET
    setCorners([
      { x: w * inset, y: h * inset },
      { x: w * (1 - inset), y: h * inset },
      { x: w * (1 - inset), y: h * (1 - inset) },
      { x: w * inset, y: h * (1 - inset) },
    ])
    setEnds([
      { x: w * inset, y: h / 2 },
      { x: w * (1 - inset), y: h / 2 },
    ])
    setAddress(await pictureAddress(read))
    setName(fileName)
    setLies(w >= h ? 'across' : 'upright')
    setPicture(read)
  }
  const known = sheet === 'own' ? own : knownSheets[sheet]
  const turned = sheet !== 'own' && lies === 'across'
  const scale: Scale =
    by === 'ruler'
      ? { by, ends: ends as [Pixel, Pixel], lengthMm }
      : {
          by,
          corners: corners as [Pixel, Pixel, Pixel, Pixel],
          widthMm: turned ? known.heightMm : known.widthMm,
          heightMm: turned ? known.widthMm : known.heightMm,
        }
  return {
    picture,
    address,
    name,
    by,
    setBy,
    points: by === 'sheet' ? corners : ends,
    setPoints: by === 'sheet' ? setCorners : setEnds,
    sheet,
    setSheet,
    lies,
    setLies,
    own,
    setOwn,
    lengthMm,
    setLengthMm,
    scale,
    open,
    drop: () => setPicture(undefined),
  }
}
export type SquareUp = ReturnType<typeof useSquareUp>
