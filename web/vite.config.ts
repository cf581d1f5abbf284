import tailwindcss from '@tailwindcss/vite';
import react from '@vitejs/plugin-react';
import { defineConfig } from 'vite';
import { VitePWA } from 'vite-plugin-pwa';
import { apiCache, apiCacheDays } from './src/api/offlineCache';

const api = process.env['CRUSTALLUM_API'] ?? 'http://127.0.0.1:4174';

export default defineConfig({
  root: import.meta.dirname,
  define: { builtAt: JSON.stringify(new Date().toISOString()) },
  plugins: [
    react(),
    tailwindcss(),
    VitePWA({
      registerType: 'autoUpdate',
      injectRegister: 'script-defer',
      manifest: {
        name: 'Crustallum',
        short_name: 'Crustallum',
        description: 'Works out your pies, keeps the fat cold and meets the table on time.',
        theme_color: '#efe2c6',
        background_color: '#dce4e4',
        display: 'standalone',
        icons: [{ src: '/mark.svg', sizes: 'any', type: 'image/svg+xml', purpose: 'any' }],
      },
      workbox: {
        globPatterns: ['**/*.{js,css,html,svg,woff2,ttf}'],
        maximumFileSizeToCacheInBytes: 4_000_000,
        navigateFallback: '/index.html',
        navigateFallbackDenylist: [/^\/api/],
        runtimeCaching: [
          {
            urlPattern: ({ url, request }) => url.pathname.startsWith('/api/') && request.method === 'GET',
            handler: 'NetworkFirst',
            options: {
              cacheName: apiCache,
              networkTimeoutSeconds: 3,
              expiration: { maxEntries: 100, maxAgeSeconds: apiCacheDays * 24 * 3600 },
              cacheableResponse: { statuses: [200] },
            },
          },
        ],
      },
    }),
  ],
  resolve: { conditions: ['source', 'module', 'browser', 'development|production'] },
  worker: { format: 'es' },
  build: {
    target: 'es2022',
    sourcemap: false,
    chunkSizeWarningLimit: 900,
    // many small files are opened more slowly than few: what every page needs is one, what every station needs another
    rolldownOptions: {
      output: {
        codeSplitting: {
          groups: [
            { name: 'frame', tags: ['$initial'], priority: 2 },
            {
              name: 'station',
              test: /web[\\/]src[\\/](stations[\\/]_shared(?![\\/]charts)|design|coldline)[\\/]/,
              priority: 1,
              includeDependenciesRecursively: false,
            },
          ],
        },
      },
    },
  },
  server: { proxy: { '/api': api } },
});
