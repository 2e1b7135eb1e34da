// npm run build: the production build, without the source maps that a bundler leaves beside what browsers load.
import process from 'node:process';
import { build } from './lib.mjs';

process.exit(build() ? 0 : 1);
