// Makes one file each of the server, its worker and the simulated caliper, so that they start at once and need no loader.
import { dirname, join } from 'node:path'
import { fileURLToPath } from 'node:url'
import { build } from 'esbuild'

const root = dirname(dirname(fileURLToPath(import.meta.url)))

/** Our own packages come along; those of others stay where they are installed. */
const othersStay = {
  name: 'others-stay',
  setup(made) {
    made.onResolve({ filter: /^[^./]/ }, ({ path, kind }) =>
      kind === 'entry-point' || path.startsWith('@bold-heron/') ? undefined : { path, external: true },
    )
  },
}

const bundle = (app, entryPoints) =>
  build({
    absWorkingDir: join(root, 'apps', app),
    entryPoints,
    outdir: 'dist',
    bundle: true,
    platform: 'node',
    format: 'esm',
    target: 'node20',
    sourcemap: true,
    logLevel: 'warning',
    plugins: [othersStay],
  })

await Promise.all([
  bundle('server', { main: 'src/main.ts', worker: 'src/work/worker.ts' }),
  bundle('caliper', { main: 'src/main.ts' }),
])
