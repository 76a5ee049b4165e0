// npm start: serves Ricercar with a person's own studies.
import { build, installPackages, serve } from './ready.js';

installPackages();
build();
await serve();
