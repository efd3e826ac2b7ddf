import type { common } from '../text/en/common.js'
import type { faults } from '../text/en/faults.js'
import type { findings } from '../text/en/findings.js'
import type { frame } from '../text/en/frame.js'
import type { trace } from '../text/en/trace.js'
import type { terms } from '../text/en/terms.js'
import type { words } from '../text/en/words.js'
import type { StationWords } from './stations.js'

interface GeneralWords {
  readonly common: typeof common
  readonly faults: typeof faults
  readonly findings: typeof findings
  readonly frame: typeof frame
  readonly trace: typeof trace
  readonly terms: typeof terms
  readonly words: typeof words
}

/** Everything that the page says, by where it stands. */
export type Words = GeneralWords & StationWords

declare module 'i18next' {
  interface CustomTypeOptions {
    defaultNS: 'app'
    resources: { app: Words }
    strictKeyChecks: true
  }
}
