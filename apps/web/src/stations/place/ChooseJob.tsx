import { JobNeeded } from '../../ui/JobNeeded.js'

/** Place without a job in the address. */
export const Component = () => <JobNeeded station="place" />
