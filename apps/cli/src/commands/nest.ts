import { performance } from 'node:perf_hooks'
import { nestFor } from '@bold-heron/core'
import { limitsOfNest, type NestAnswer, nestFile, wantedOfNest } from '@bold-heron/schema'
import { judged, readJson } from '../read-file.js'

/** Lays pieces on a sheet by their true outlines, as well as it can in the steps that are given. */
export const nest = (file: string): Promise<NestAnswer> =>
  Promise.resolve().then(() => {
    const asked = judged(nestFile, readJson(file))
    return nestFor(wantedOfNest(asked), limitsOfNest(asked), () => performance.now())
  })
