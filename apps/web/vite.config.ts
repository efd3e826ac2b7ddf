import tailwindcss from '@tailwindcss/vite'
import react from '@vitejs/plugin-react'
import { defineConfig } from 'vite'

/** `npm run dev` passes the server's port; a built page is served by the server itself. */
const serverPort = process.env['PORT'] ?? '4310'

export default defineConfig({
  plugins: [react(), tailwindcss()],
  worker: { format: 'es' },
  build: { target: 'es2023', assetsInlineLimit: 0, chunkSizeWarningLimit: 600 },
  server: {
    host: '127.0.0.1',
    port: Number(process.env['PAGES_PORT'] ?? 4390),
    strictPort: true,
    proxy: { '/api': { target: `http://127.0.0.1:${serverPort}`, changeOrigin: true, headers: { Origin: '' } } },
  },
})
