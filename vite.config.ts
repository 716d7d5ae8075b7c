import { resolve } from 'node:path'
import react from '@vitejs/plugin-react'
import { defineConfig } from 'vite'
import { VitePWA } from 'vite-plugin-pwa'
import ruby from 'vite-plugin-ruby'

const BUILT = resolve(import.meta.dirname, 'public/vite')

// The worker that keeps the scripts, styles and fonts on a device, and the page that they run in, so that the
// day of a lift opens without a network. What the server says is never kept by it: the day's room keeps that
// itself, with its time.
const worker = VitePWA({
  injectRegister: null,
  manifest: false,
  registerType: 'autoUpdate',
  outDir: BUILT,
  filename: 'worker.js',
  scope: '/',
  base: '/',
  workbox: {
    globDirectory: BUILT,
    globPatterns: ['assets/*.{js,css,woff2}'],
    globIgnores: ['**/*.gz', '**/*.br'],
    modifyURLPrefix: { 'assets/': '/vite/assets/' },
    maximumFileSizeToCacheInBytes: 4 * 1024 * 1024,
    inlineWorkboxRuntime: true,
    sourcemap: false,
    navigateFallback: null,
    cleanupOutdatedCaches: true,
    runtimeCaching: [
      {
        urlPattern: ({ request, url }) =>
          request.mode === 'navigate' &&
          !url.pathname.startsWith('/api/') &&
          !url.pathname.startsWith('/door/'),
        handler: 'NetworkFirst',
        options: {
          cacheName: 'page',
          networkTimeoutSeconds: 8,
          // One page for every address: the newest that came, with whoever was signed in then.
          plugins: [{ cacheKeyWillBeUsed: async () => '/' }],
        },
      },
      { urlPattern: /^\/icon\.svg$/, handler: 'StaleWhileRevalidate' },
    ],
  },
})

export default defineConfig({
  plugins: [ruby(), react(), worker],
  build: { sourcemap: false },
})
