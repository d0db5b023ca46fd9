import tailwindcss from '@tailwindcss/vite';
import react from '@vitejs/plugin-react';
import { defineConfig } from 'vitest/config';

export default defineConfig({
  plugins: [react(), tailwindcss()],
  // A plain jar of static files is what the app takes up.
  build: { outDir: 'target/classes/static', emptyOutDir: true, assetsInlineLimit: 0, target: 'es2022' },
  server: { proxy: { '/api': 'http://127.0.0.1:8080' } },
  test: { include: ['src/**/*.test.{ts,tsx}'] },
});
