import type { CutProposal } from './clean-cut/cut-proposal.js'
import type { MatProposal } from './mats/mat-proposal.js'

/** What might be done better with a stack. */
export type Proposal = CutProposal | MatProposal
