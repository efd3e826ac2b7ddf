import tailwindcss from '@tailwindcss/vite'
import react from '@vitejs/plugin-react'
import { fileURLToPath } from 'node:url'
import { defineConfig } from 'vite'
import { compression } from 'vite-plugin-compression2'
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
  /web\/src\/(text\/(i18n|languages|say-pressed|say-finding|say-difference|say-format)|data\/(sharing|who|job-in-hand|job-steps|asked-run|kept\/\w+)|ui\/(SeverityMark|SeenBadge|Why|Notice|save-file|data-address|form\/(Tick|LengthInput|NumberBox|SelectBox|TextBox))|pressing\/stack\/layer-name)\.tsx?$/

/** What the steps of a job share: how a stack is drawn, told and made a run. */
const STEPS =
  /web\/src\/(pressing\/(stack\/chosen-stack|JobStation|run-of|LookFields|say-lie|say-to-size|SurerBy|WhyNone)|drawing\/(section\/|terms\/|cut-map\/CutMapDrawing|SeenPicture)|data\/(recipes|try-out)|ui\/TabbedPanel|text\/say-(run|hung-at))|schema\/src\/stored\/to-(run|recipe)|core\/src\/(techniques\/(method|told-of|regions\/)|log\/jotted|placement\/card-stack|layers\/stack-changes|planner\/surer|goals\/constants)/

/** Pieces of words are told apart by what says them, not by their language alone. */
const nameOf = ({ facadeModuleId }: { readonly facadeModuleId?: string | null }): string => {
  const [, of, language] = /\/([\w-]+)\/(?:own-words|spoken|said)\/([\w-]+)\.ts$/.exec(facadeModuleId ?? '') ?? []
  return of === undefined
    ? 'assets/[name]-[hash].js'
    : `assets/${of === 'text' ? '' : `${of}-`}words-${language}-[hash].js`
}

export default defineConfig({
  plugins: [
    react(),
    tailwindcss(),
    // Pressed once, as small as it gets; the server hands out what a browser takes.
    compression({
      include: /^assets\/.*\.(js|css|svg)$/,
      algorithms: ['br', 'gz'],
      threshold: 1000,
      logLevel: 'silent',
    }),
    serviceWorker(fileURLToPath(new URL('src/offline/sw.ts', import.meta.url))),
  ],
  worker: { format: 'es', rolldownOptions: { external: NOT_SHIPPED } },
  build: {
    target: 'es2023',
    assetsInlineLimit: 0,
    chunkSizeWarningLimit: 600,
    rolldownOptions: {
      external: NOT_SHIPPED,
      checks: { pluginTimings: false },
      output: {
        chunkFileNames: nameOf,
        codeSplitting: {
          groups: [
            // What every page stands on comes in one piece, and so do the icons, a few hundred bytes each.
            {
              name: 'frame',
              test: /node_modules\/(react|react-dom|react-router|scheduler|@tanstack\/(react-query|query-core)|i18next|react-i18next|html-parse-stringify|void-elements|cookie|react-hotkeys-hook)\//,
              priority: 3,
            },
            { name: 'base', test: SMALL, priority: 2 },
            { name: 'steps', test: STEPS, priority: 1 },
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
