import react from '@vitejs/plugin-react';
import { defineConfig } from 'vite';

export default defineConfig({
  plugins: [react()],
  build: { outDir: '../public/app', emptyOutDir: true, assetsInlineLimit: 0, chunkSizeWarningLimit: 700 },
});
