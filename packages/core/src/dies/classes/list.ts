import type { ClassOfDie } from './die-class.js'
import { cuttingFolder } from './cutting-folder.js'
import { deepCuttingFolder } from './deep-cutting-folder.js'
import { deepFolder } from './deep-folder.js'
import { flatFolder } from './flat-folder.js'
import { largeCased } from './large-cased.js'
import { shape } from './shape.js'
import { smallCased } from './small-cased.js'
import { thinBorder } from './thin-border.js'
import { thinLace } from './thin-lace.js'
import { thinOutline } from './thin-outline.js'

const listed = [
  thinOutline,
  thinLace,
  thinBorder,
  smallCased,
  largeCased,
  flatFolder,
  deepFolder,
  cuttingFolder,
  deepCuttingFolder,
  shape,
] as const

export type DieClass = (typeof listed)[number]['id']

/** Classes of cutting die, in the order they are offered. */
export const dieClasses = listed.map(({ id }) => id) as [DieClass, ...DieClass[]]

const byId = new Map<string, ClassOfDie>(listed.map((each) => [each.id, each]))

/** What is usual for a class: heights in mm, whether it is cased, the most sheets at once. */
export const factsOfDieClass = (dieClass: DieClass): ClassOfDie => byId.get(dieClass) as ClassOfDie

/** Whether a class is a folder, of whichever kind. */
export const isFolder = (dieClass: DieClass): boolean => factsOfDieClass(dieClass).use.endsWith('folder')

/** mm. A thin outline die longer than this counts as a long frame, which a hard plate can warp. From memory. */
export const LONG_FRAME_MM = 100
