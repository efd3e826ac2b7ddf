import { border } from './border.js'
import { card } from './card.js'
import { chart } from './chart.js'
import { evening } from './evening.js'
import { look } from './look.js'
import { nest } from './nest.js'
import { outline } from './outline.js'
import { plan } from './plan.js'
import { simulate } from './simulate.js'
import { validate } from './validate.js'

type Command = (file: string) => Promise<unknown>

const commands: Readonly<Record<string, Command>> = {
  simulate,
  plan,
  chart,
  evening,
  card,
  border,
  nest,
  look,
  validate,
  outline,
}

/** What can be asked for, in the order it is listed. */
export const commandNames = Object.keys(commands)

/** The command of this name; undefined where there is none. */
export const commandNamed = (name: string | undefined): Command | undefined =>
  name !== undefined && Object.hasOwn(commands, name) ? commands[name] : undefined
