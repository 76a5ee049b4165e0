// Builds the application where its sources are newer than the last build.
import { build } from './ready.js';

build();
