import { join, resolve } from 'node:path';

/** Where what is built beside the application is (vite.server.config.ts): the server that runs says so; otherwise in the last build. */
const built = (): string => resolve(process.env.RICERCAR_BUILT ?? 'build');

export const threadFile = (name: 'database-thread' | 'draw-thread'): string => join(built(), 'threads', `${name}.js`);
export const fontFolder = (): string => join(built(), 'fonts');
