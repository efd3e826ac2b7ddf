import type { MeasuredMm } from '../units/measured.js'
import type { Plate } from './plate.js'

/** A leaf hinged to a platform: closed it adds its thickness, open it lies aside. */
export interface Leaf {
  readonly name: string
  readonly thickness: MeasuredMm
}

/** The most leaves that a platform has. Common practice, no source: one or two. */
export const MOST_LEAVES = 2

/** What divides a plate's id from the leaves that are closed, by their place from 1. */
const CLOSED = /\/leaves-[1-9]+$/

/** A platform's id where the leaves at some places, from 0, are closed. */
const idWith = (id: string, closed: readonly number[]): string =>
  closed.length === 0 ? id : `${id}/leaves-${closed.map((at) => at + 1).join('')}`

/** Which of so many leaves may be closed, all open first. */
const choicesOf = (leaves: number): number[][] =>
  Array.from({ length: 2 ** leaves }, (_, bits) => [...Array(leaves).keys()].filter((at) => (bits >> at) & 1))

/** The ids of a plate in every way that so many leaves can be set. */
export const idsOfSettings = (id: string, leaves: number): string[] =>
  choicesOf(leaves).map((closed) => idWith(id, closed))

/** The id of the plate on the shelf, without how its leaves are set. */
export const plateIdOf = (id: string): string => id.replace(CLOSED, '')

/** How the leaves of a plate are set, as its id tells after that of the shelf: empty where all are open, as of a plate that has none. */
export const closedIn = (id: string): string => CLOSED.exec(id)?.[0] ?? ''

/**
 * A platform in every way that its leaves can be set, all open first, each as a plate of its own to the search: `plate` is as thick as it is
 * with all open. A plate without leaves is itself only. Spreads of base and leaves add in quadrature, as each is measured for itself.
 */
export const settingsOf = <Its extends Pick<Plate, 'id' | 'name' | 'thickness'>>(
  plate: Its,
  leaves: readonly Leaf[],
): readonly (Its & Pick<Plate, 'leaves'>)[] =>
  leaves.length === 0
    ? [plate]
    : choicesOf(leaves.length).map((closed) => {
        const shut = closed.flatMap((at) => leaves[at] ?? [])
        return {
          ...plate,
          id: idWith(plate.id, closed),
          name: [plate.name, ...shut.map(({ name }) => name)].join(' + '),
          thickness: {
            valueMm: shut.reduce((mm, { thickness }) => mm + thickness.valueMm, plate.thickness.valueMm),
            spreadMm: Math.hypot(plate.thickness.spreadMm, ...shut.map(({ thickness }) => thickness.spreadMm)),
          },
          leaves: leaves.map(({ name }, at) => ({ name, isClosed: closed.includes(at) })),
        }
      })
