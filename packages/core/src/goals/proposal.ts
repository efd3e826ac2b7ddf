import type { CutProposal } from './clean-cut/changes.js'
import type { MatProposal } from './mats/changes.js'

/** What might be done better with a stack. */
export type Proposal = CutProposal | MatProposal
