import { JobNeeded } from '../../ui/JobNeeded.js'

/** The Bench without a job in the address. */
export const Component = () => <JobNeeded station="bench" />
