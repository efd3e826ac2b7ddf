import tailwindcss from '@tailwindcss/vite'
import react from '@vitejs/plugin-react'
import { fileURLToPath } from 'node:url'
import { defineConfig } from 'vite'
import { serviceWorker } from './service-worker.js'

/** `npm run dev` passes the server's port; a built page is served by the server itself. */
const serverPort = process.env['PORT'] ?? '4310'

/** What the PDF writer would fetch to turn pages and drawings of the web into PDF, which nothing here does. */
const NOT_SHIPPED = ['html2canvas', 'canvg', 'dompurify']

/** What menus, dialogs and pickers are made of, and those of them that few pages have. */
const CONTROLS =
  /node_modules\/(radix-ui|@radix-ui|@floating-ui|cmdk|aria-hidden|react-remove-scroll[\w-]*|react-style-singleton|use-[\w-]+|get-nonce|detect-node-es|tslib)\//
const SELDOM = /@radix-ui\/react-(slider|progress|toggle-group|tabs|alert-dialog)\//

/** Heavy, and needed on some pages only, however many pieces name it. */
const NOT_SHARED = /clipper2-ts|react-hook-form|core\/src\/(geometry\/polygons|goals\/|press\/)|web\/src\/ui\/form\//

/** A few hundred bytes each, and on nearly every page: one piece. */
const SMALL =
  /web\/src\/(text\/(i18n|languages|say-pressed|say-finding|say-difference|say-format)|data\/(sharing|who|job-in-hand|job-steps|kept\/\w+)|ui\/(SeverityMark|SeenBadge|Why|Notice|save-file|data-address|form\/(Tick|LengthInput|NumberBox|SelectBox|TextBox))|pressing\/stack\/layer-name)\.tsx?$/

/** The piece that a file of words goes into: a language's, or a station's own of a language. */
const wordsOf = (id: string): string => {
  const [, station, language] = /\/([\w-]+)\/own-words\/([\w-]+)\.ts$/.exec(id) ?? []
  return station ? `${station}-words-${language}` : `words-${/\/text\/([\w-]+)/.exec(id)?.[1] ?? ''}`
}

export default defineConfig({
  plugins: [react(), tailwindcss(), serviceWorker(fileURLToPath(new URL('src/offline/sw.ts', import.meta.url)))],
  worker: { format: 'es', rolldownOptions: { external: NOT_SHIPPED } },
  build: {
    target: 'es2023',
    assetsInlineLimit: 0,
    chunkSizeWarningLimit: 600,
    // What a language says comes in one piece.
    rolldownOptions: {
      external: NOT_SHIPPED,
      output: {
        codeSplitting: {
          groups: [
            // What every page stands on comes in one piece, and so do the icons, a few hundred bytes each.
            {
              name: 'frame',
              test: /node_modules\/(react|react-dom|react-router|scheduler|@tanstack\/(react-query|query-core)|i18next|react-i18next|html-parse-stringify|void-elements|cookie)\//,
              priority: 3,
            },
            { name: 'base', test: SMALL, priority: 2 },
            { name: 'icons', test: /node_modules\/lucide-react\//, priority: 2 },
            {
              name: 'controls',
              test: (id: string) => CONTROLS.test(id) && !SELDOM.test(id),
              priority: 2,
            },
            // So does what nearly all pages use, but for what only those need that lay, nest or fill in.
            { name: 'shared', test: (id: string) => !NOT_SHARED.test(id), minShareCount: 8, priority: 2 },
            {
              name: 'polygons',
              test: /clipper2-ts|core\/src\/geometry\/polygons/,
              priority: 1,
            },
            { name: 'forms', test: /react-hook-form/, priority: 1 },
            {
              name: wordsOf,
              priority: 2,
              debugName: 'words',
              test: /\/text\/[\w-]+\/[\w-]+\.ts$|\/stations\/.*\/(text|own-words)\/[\w-]+\.ts$/,
            },
          ],
        },
      },
    },
  },
  server: {
    host: '127.0.0.1',
    port: Number(process.env['PAGES_PORT'] ?? 4390),
    strictPort: true,
    proxy: { '/api': { target: `http://127.0.0.1:${serverPort}`, changeOrigin: true, headers: { Origin: '' } } },
  },
})
