import { JobNeeded } from '../../ui/JobNeeded.js'

/** Plan without a job in the address. */
export const Component = () => <JobNeeded station="plan" />
