// A worker thread does not inherit tsx from every parent (a test runner has none), so it brings its own.
import { tsImport } from 'tsx/esm/api'

const { doTask } = await tsImport('./worker.ts', import.meta.url)
export default doTask
