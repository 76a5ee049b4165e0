import { join, resolve } from 'node:path';

/** Where what is built beside the application is (vite.server.config.ts): the server that runs says so; otherwise in the last build. */
const built = (): string => resolve(process.env.RICERCAR_BUILT ?? 'build');

export const threadFile = (name: 'database-thread' | 'draw-thread' | 'work-process'): string =>
	join(built(), 'threads', `${name}.js`);
export const fontFolder = (): string => join(built(), 'fonts');

/** The file of a picture that ships, by its id; of any other id, one that is not there. */
export const shippedPictureFile = (id: string): string =>
	join(built(), 'pictures', `${id.replace(/^shipped/, '')}.jpg`);
