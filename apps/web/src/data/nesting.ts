import { type Nest, type NestWanted, pieceOf, rectangle, standInOutline, factsOfDieClass } from '@bold-heron/core'
import type { DieRow, SheetRow } from '@bold-heron/schema'
import { useQuery } from '@tanstack/react-query'
import { useEffect, useRef, useState } from 'react'
import type { LaidPieces } from '../workers/nest.worker.js'
import { layPieces } from '../workers/nest.js'
import { fetchOutline } from './outlines.js'

/** A whole sheet as something that pieces are laid on. */
export const loopsOfSheet = ({ lengthMm, widthMm }: Pick<SheetRow, 'lengthMm' | 'widthMm'>): number[][] => [
  rectangle({ fromX: 0, fromY: 0, toX: lengthMm, toY: widthMm }),
]

/** What a die takes up of a sheet, and the lines that it cuts there. */
export interface PieceShape {
  readonly outline: readonly number[]
  readonly lines: readonly (readonly number[])[]
}

/** By the die's own lines or a stand-in for them. */
const shapeOfDie = async (die: DieRow): Promise<PieceShape> => {
  const laciness = die.laciness ?? factsOfDieClass(die.dieClass).laciness
  const lines = die.outline
    ? (await fetchOutline(die.id)).lines
    : standInOutline(die.dieClass, die.lengthMm, die.widthMm, laciness).lines.map((line) => [...line])
  return { outline: pieceOf(lines) ?? [], lines }
}

/** What dies take up of a sheet, by the die's id. */
export const usePieceShapes = (dies: readonly DieRow[]) =>
  useQuery({
    queryKey: ['dies', 'pieces', dies.map(({ id, version }) => `${id} ${version}`)],
    queryFn: async () => new Map(await Promise.all(dies.map(async (die) => [die.id, await shapeOfDie(die)] as const))),
    staleTime: Infinity,
  })

/** Lays pieces for so long, showing what is found meanwhile; begins anew with other wishes. `null`: nothing to lay. */
export const useNest = (wanted: NestWanted | null, ms: number) => {
  const key = wanted && JSON.stringify([wanted, ms])
  const [found, setFound] = useState<{ readonly key: string; readonly nest: Nest | LaidPieces }>()
  const [ended, setEnded] = useState<string>()
  const ending = useRef<AbortController>(undefined)
  useEffect(() => {
    if (key === null) return
    const [asked, atMost] = JSON.parse(key) as [NestWanted, number]
    const own = new AbortController()
    ending.current = own
    let isOn = true
    const take = (nest: Nest | LaidPieces | undefined) => isOn && nest && setFound({ key, nest })
    void layPieces(asked, atMost, { signal: own.signal, onFound: take })
      .then(take)
      .finally(() => isOn && setEnded(key))
    return () => {
      isOn = false
      own.abort()
    }
  }, [key])
  const nest = found?.key === key ? found?.nest : undefined
  return {
    found: nest,
    /** Whether a slow machine ended the looking, so that it may find more another time. */
    endedEarly: nest !== undefined && 'endedBy' in nest && nest.endedBy === 'clock',
    isLooking: key !== null && ended !== key,
    stop: () => ending.current?.abort(),
  }
}
