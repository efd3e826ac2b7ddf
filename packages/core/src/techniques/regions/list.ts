import type { RegionId } from '../../placement/placed-run.js'
import { all } from './all.js'
import type { Region } from './region.js'
import { toLine } from './to-line.js'
import { underBlock } from './under-block.js'

const regions: Readonly<Record<RegionId, Region>> = { all, 'to-line': toLine, 'under-block': underBlock }

/** The region of this name. */
export const regionOf = (id: RegionId): Region => regions[id]
