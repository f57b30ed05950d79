import { svelte } from '@sveltejs/vite-plugin-svelte';
import tailwindcss from '@tailwindcss/vite';
import { defineConfig } from 'vite';

// The pages are served by the program itself, from the folder beside it.
export default defineConfig({
  plugins: [tailwindcss(), svelte()],
  build: {
    outDir: '../artifacts/bin/AshNotch.App/release/wwwroot',
    emptyOutDir: true,
    assetsInlineLimit: 0,
    modulePreload: { polyfill: false },
  },
});
