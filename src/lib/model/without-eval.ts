import { z } from 'zod';

/** Zod would try once whether it may make functions out of texts; our pages forbid that, and browsers report each try. To be imported before any schema. */
z.config({ jitless: true });
