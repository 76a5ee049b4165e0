import { balance } from './exercises/balance/balance';
import { halving } from './exercises/halving/halving';
import { middle } from './exercises/middle/middle';
import { optical } from './exercises/optical/optical';
import { overlap } from './exercises/overlap/overlap';
import { ways } from './exercises/ways/ways';

/** The table of exercises of mixes, in the order in which they are offered. A new one adds its line here. */
export const MIX_EXERCISES = [ways, middle, halving, overlap, optical, balance] as const;
