// A worker thread does not inherit tsx from every parent (a test runner has none), so it brings its own; unless whoever started this says
// that the worker as it is built is up to date, which takes a quarter of the time.
import { tsImport } from 'tsx/esm/api'

const built = process.env.BUILT_WORKER
const { default: doTask } = await (built ? import(built) : tsImport('./worker.ts', import.meta.url))
export default doTask
