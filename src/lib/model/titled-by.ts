import { z } from 'zod';

/** Whether a plate's title is ours; see `PlateBase`. */
export const titledBySchema = z.literal('machine').optional();
