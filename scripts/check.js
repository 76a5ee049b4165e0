// npm run check: types, lint, layers and format, beside each other; what one of them has to say is printed when it is done.
import { together } from './ready.js';

const PARTS = ['check:types', 'check:lint', 'check:layers', 'check:format'];

await together(PARTS.map((part) => ({ name: part, command: 'npm', args: ['run', part, '--silent'] })));
