import type { Trial } from './scene.js'
import { database } from './trials/database.js'
import { devices } from './trials/devices.js'
import { files } from './trials/files.js'
import { foreignPages } from './trials/foreign-pages.js'
import { fullDisk } from './trials/full-disk.js'
import { fuzz } from './trials/fuzz.js'
import { kills } from './trials/kills.js'
import { mutations } from './trials/mutations.js'
import { storms } from './trials/storms.js'
import { strangers } from './trials/strangers.js'

/** Every way to be hard on the application. */
export const trials: readonly Trial[] = [
  files,
  mutations,
  fuzz,
  storms,
  devices,
  strangers,
  database,
  foreignPages,
  fullDisk,
  kills,
]
