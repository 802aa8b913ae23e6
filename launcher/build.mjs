// The build: server programs by esbuild, the client by Vite.
import { inProject, project } from './places.mjs'
import { runPackage } from './run.mjs'

export const buildAll = async () => {
  await Promise.all([buildServer(), runPackage('vite/bin/vite.js', ['build', '--logLevel', 'warn'], { quiet: true })])
}

export const buildServer = async () => {
  const { build } = await import('esbuild')
  await build({
    absWorkingDir: project,
    entryPoints: {
      server: inProject('src/server/main.ts'),
      heavy: inProject('src/server/work/heavy.ts'),
      backup: inProject('src/server/commands/backup.ts'),
      data: inProject('src/server/commands/data.ts'),
      answer: inProject('src/server/commands/answer.ts'),
      bench: inProject('src/server/commands/bench.ts'),
    },
    outdir: inProject('dist/server'),
    bundle: true,
    splitting: true,
    platform: 'node',
    format: 'esm',
    target: 'node20',
    packages: 'external',
    sourcemap: true,
    outExtension: { '.js': '.mjs' },
    logLevel: 'warning',
  })
}
