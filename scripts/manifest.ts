import type { VitePWAOptions } from 'vite-plugin-pwa'

/** What a browser has to know to install the application and to open files of its kinds with it. */
const manifest: VitePWAOptions['manifest'] = {
  id: '/',
  name: 'Cobaltfinch',
  short_name: 'Cobaltfinch',
  description: 'Palettes and drop recipes for painters of figures',
  lang: 'en',
  start_url: '/',
  scope: '/',
  display: 'standalone',
  background_color: '#777777',
  theme_color: '#262626',
  icons: [
    { src: '/icon-192.png', sizes: '192x192', type: 'image/png' },
    { src: '/icon-512.png', sizes: '512x512', type: 'image/png' },
    { src: '/icon-maskable.png', sizes: '512x512', type: 'image/png', purpose: 'maskable' },
    { src: '/icon.svg', sizes: 'any', type: 'image/svg+xml' },
  ],
  file_handlers: [
    { action: '/', accept: { 'application/json': ['.json'], 'application/zip': ['.zip'] } },
  ],
  launch_handler: { client_mode: ['navigate-existing', 'auto'] },
}

/** After one visit everything is kept by the browser; a newer version is asked for, and waits till it is wanted. */
export const offline: Partial<VitePWAOptions> = {
  registerType: 'prompt',
  injectRegister: false,
  manifest,
  workbox: {
    globPatterns: ['**/*.{js,css,html,woff2,woff,wasm,glb,png,svg}'],
    maximumFileSizeToCacheInBytes: 4 * 1024 * 1024,
    navigateFallback: '/index.html',
    navigateFallbackDenylist: [/^\/(reader|health|assets|forms|demo)(\/|$)/],
    cleanupOutdatedCaches: true,
    // The page of the first visit has what is kept too.
    clientsClaim: true,
  },
}
