import tailwindcss from '@tailwindcss/vite';
import react from '@vitejs/plugin-react';
import { defineConfig } from 'vite';

export default defineConfig({
  root: 'web',
  plugins: [react(), tailwindcss()],
  worker: { format: 'es' },
  build: {
    outDir: '../dist/web',
    emptyOutDir: true,
    target: 'es2022',
    assetsInlineLimit: 0,
    modulePreload: { polyfill: false },
    sourcemap: false,
    // The rows of the shelf are a file of their own; the words they use come with the first screen.
    rolldownOptions: {
      output: { codeSplitting: { includeDependenciesRecursively: false, groups: [{ name: 'foods', test: /core\/food\/data\// }] } },
    },
  },
  server: { proxy: { '/api': 'http://127.0.0.1:4310' } },
});
