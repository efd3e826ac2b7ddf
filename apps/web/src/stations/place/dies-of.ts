import type { Die } from '@bold-heron/core'
import type { PanelProps } from './panel-props.js'

/** Finds a die of the shelf by its id. */
export const dieFinder =
  ({ things }: Pick<PanelProps, 'things'>) =>
  (id: string): Die | undefined =>
    things.dies.find((die) => die.id === id)
