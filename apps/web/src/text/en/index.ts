import { bench } from './bench.js'
import { common } from './common.js'
import { faults } from './faults.js'
import { findings } from './findings.js'
import { frame } from './frame.js'
import { jobs } from './jobs.js'
import { log } from './log.js'
import { place } from './place.js'
import { plan } from './plan.js'
import { practice } from './practice.js'
import { recipes } from './recipes.js'
import { shelf } from './shelf.js'
import { trace } from './trace.js'
import { welcome } from './welcome.js'
import { words } from './words.js'
import { workshop } from './workshop.js'

/** Every word on the screens, in English. */
export const en = {
  bench,
  common,
  faults,
  findings,
  frame,
  jobs,
  log,
  place,
  plan,
  practice,
  recipes,
  shelf,
  trace,
  welcome,
  words,
  workshop,
} as const
