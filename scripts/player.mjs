// Bundles the script of the page that moves into one file, before the application is built: the page carries it.
import path from 'node:path';
import { buildSync } from 'esbuild';
import { root } from './lib.mjs';

buildSync({
  absWorkingDir: root,
  entryPoints: ['handout/moving/player.ts'],
  outfile: path.join(root, '.player/player.js'),
  bundle: true,
  minify: true,
  format: 'iife',
  target: 'es2020',
  // A closing tag within a string would end the script of the page.
  supported: { 'inline-script': false },
  alias: { '@': root },
  legalComments: 'none',
  logLevel: 'warning',
});
