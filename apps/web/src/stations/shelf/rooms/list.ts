import { diesRoom } from './dies.js'
import { offcutsRoom } from './offcuts.js'
import { platesRoom } from './plates.js'
import { pressesRoom } from './presses.js'
import type { Room, ShelfKind } from './room.js'
import { sheetsRoom } from './sheets.js'

const rooms = { presses: pressesRoom, plates: platesRoom, dies: diesRoom, sheets: sheetsRoom, offcuts: offcutsRoom }

/** The parts of the shelf, in the order they are shown. */
export const shelfKinds = Object.keys(rooms) as readonly ShelfKind[]

/** The room of this name in an address; undefined where there is none. */
export const roomNamed = <K extends ShelfKind>(name: string | undefined): Room<K> | undefined =>
  name !== undefined && Object.hasOwn(rooms, name) ? (rooms[name as ShelfKind] as unknown as Room<K>) : undefined
