import tailwindcss from '@tailwindcss/vite'
import react from '@vitejs/plugin-react'
import { defaultClientConditions, defineConfig } from 'vite'
import { speakPseudo } from './pseudo.ts'

export default defineConfig(({ mode }) => ({
  plugins: [react(), tailwindcss(), ...(mode === 'pseudo' ? [speakPseudo()] : [])],
  resolve: { conditions: ['source', ...defaultClientConditions] },
  build: {
    target: 'es2023',
    chunkSizeWarningLimit: 900,
    // A message stands where it is read, and comes with the stage that says it, not with its whole folder.
    rolldownOptions: { optimization: { inlineConst: { mode: 'all', pass: 2 } } },
  },
  worker: { format: 'es', ...(mode === 'pseudo' && { plugins: () => [speakPseudo()] }) },
  server: { host: '127.0.0.1', proxy: { '/api': 'http://127.0.0.1:4310' } },
}))
