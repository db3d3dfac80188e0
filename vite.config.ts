import tailwindcss from '@tailwindcss/vite';
import react from '@vitejs/plugin-react';
import { defineConfig } from 'vite';
import { offlinePlugin } from './scripts/offlinePlugin.ts';

export default defineConfig({
  plugins: [react(), tailwindcss(), offlinePlugin()],
  build: { outDir: 'dist/web', target: 'es2022', assetsInlineLimit: 0, chunkSizeWarningLimit: 700 },
  worker: { format: 'es' },
  server: { port: 4601, host: '127.0.0.1', proxy: { '/api': 'http://127.0.0.1:4600' } },
});
