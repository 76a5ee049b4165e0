import { newId } from '$lib/model/ids';

/** Names this window to the server, which shares out its work fairly between windows. */
export const WINDOW_NAME = newId();
