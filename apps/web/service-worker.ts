import { createHash } from 'node:crypto'
import { readdirSync, readFileSync } from 'node:fs'
import { join } from 'node:path'
import { build, type Plugin } from 'vite'

/** A file with its content's hash in its name is never another one. */
const HASHED = /^assets\/.*-[\w-]{8}\.\w+$/
/** What a device that lost its connection does without. */
const LEFT_OUT = /^samples\/|\.(map|br|gz)$|^sw\.js$/

/** The files of a built application, as workbox-precaching takes them. */
const piecesIn = (folder: string): { url: string; revision: string | null }[] =>
  readdirSync(folder, { recursive: true, withFileTypes: true })
    .filter((entry) => entry.isFile())
    .map((entry) => join(entry.parentPath, entry.name).slice(folder.length + 1))
    .filter((path) => !LEFT_OUT.test(path))
    .sort()
    .map((url) => ({
      url,
      revision: HASHED.test(url)
        ? null
        : createHash('sha256')
            .update(readFileSync(join(folder, url)))
            .digest('hex')
            .slice(0, 16),
    }))

/** Builds the service worker beside the pages, once it is known what they are made of. */
export const serviceWorker = (entry: string): Plugin => {
  let folder = ''
  return {
    name: 'service-worker',
    apply: 'build',
    configResolved(config) {
      folder = join(config.root, config.build.outDir)
    },
    async closeBundle() {
      await build({
        configFile: false,
        logLevel: 'warn',
        define: {
          'self.__WB_MANIFEST': JSON.stringify(piecesIn(folder)),
          'process.env.NODE_ENV': JSON.stringify('production'),
        },
        build: {
          target: 'es2023',
          outDir: folder,
          emptyOutDir: false,
          copyPublicDir: false,
          rolldownOptions: {
            input: { sw: entry },
            output: { format: 'es', entryFileNames: '[name].js', codeSplitting: false },
          },
        },
      })
    },
  }
}
