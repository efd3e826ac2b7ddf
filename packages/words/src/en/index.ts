import { drawings } from './drawings.js'
import { faults } from './faults.js'
import { files } from './files.js'
import { problems } from './problems.js'
import { oneThing, things } from './things.js'

export const en = { problems, faults, drawings, files, things, oneThing }
