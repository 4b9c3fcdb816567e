import tailwindcss from '@tailwindcss/vite';
import react from '@vitejs/plugin-react';
import { defineConfig } from 'vitest/config';

export default defineConfig({
  plugins: [react(), tailwindcss()],
  resolve: { alias: { '#': `${import.meta.dirname}/src` } },
  // everything the page loads is a file of ours: nothing is written into it as data
  build: { assetsInlineLimit: 0 },
  test: { environment: 'jsdom', setupFiles: 'src/test/setup.ts', css: false, testTimeout: 30_000 },
  server: { proxy: { '/api': 'http://127.0.0.1:8734' } },
});
