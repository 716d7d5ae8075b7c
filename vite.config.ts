import react from '@vitejs/plugin-react'
import { defineConfig } from 'vite'
import ruby from 'vite-plugin-ruby'

export default defineConfig({
  plugins: [ruby(), react()],
  build: { sourcemap: false },
})
