// npm run demo: sets up all that is missing and serves Ricercar with made-up studies; `-- --fresh` begins them again.
import { build, installPackages, serve } from './ready.js';

installPackages();
build();
await serve({ RICERCAR_DEMO: process.argv.includes('--fresh') ? 'fresh' : 'yes' });
