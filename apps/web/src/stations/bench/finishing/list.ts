import type { FinishingStep } from '@bold-heron/core'
import { Finish } from './Finish.js'
import type { ShownFinishing } from './finishing.js'
import { Glue } from './Glue.js'
import { Pads } from './Pads.js'
import { Release } from './Release.js'
import { saidFinishing } from './Said.js'

/** Everything that the Bench can ask for once it came out well. */
export const shownFinishing: Readonly<Record<FinishingStep, ShownFinishing>> = {
  release: Release,
  finish: Finish,
  glue: Glue,
  pads: Pads,
  'bring-out': saidFinishing('bring-out'),
  'fill-relief': saidFinishing('fill-relief'),
  'push-out': saidFinishing('push-out'),
  mats: saidFinishing('mats'),
  'glue-over': saidFinishing('glue-over'),
  'cool-down': saidFinishing('cool-down'),
}
