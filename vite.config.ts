import vue from '@vitejs/plugin-vue'
import { fileURLToPath } from 'node:url'
import { BootstrapVueNextResolver } from 'bootstrap-vue-next'
import Components from 'unplugin-vue-components/vite'
import { defineConfig } from 'vite'

const here = (path: string) => fileURLToPath(new URL(path, import.meta.url))

export default defineConfig({
  root: here('src/client'),
  plugins: [
    vue(),
    Components({ resolvers: [BootstrapVueNextResolver()], dts: here('src/client/components.d.ts'), dirs: [] }),
  ],
  css: {
    preprocessorOptions: {
      scss: {
        quietDeps: true,
        silenceDeprecations: ['import', 'global-builtin', 'color-functions'],
      },
    },
  },
  build: {
    outDir: here('dist/client'),
    emptyOutDir: true,
    // Fonts stay files: the content-security policy lets no data: font in.
    assetsInlineLimit: 0,
    reportCompressedSize: true,
    chunkSizeWarningLimit: 700,
  },
  worker: { format: 'es' },
  server: { proxy: { '/api': process.env.HANDHOLD_API ?? 'http://127.0.0.1:8080' } },
})
