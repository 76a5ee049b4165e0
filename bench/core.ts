import { keptSum, run } from './race';
import { COLOUR_RACES } from './races/colour';
import { MIX_RACES } from './races/mixes';
import { PICTURE_RACES } from './races/pictures';
import { SCALE_RACES } from './races/scales';

console.log('| work | beside | ours is faster by | of rounds, 10 % to 90 % | goal |');
console.log('| --- | --- | ---: | --- | ---: |');
for (const race of [...COLOUR_RACES, ...SCALE_RACES, ...MIX_RACES, ...PICTURE_RACES]) {
	const { work, reference, goal, ratio, spread } = run(race);
	const [low, high] = spread;
	console.log(`| ${work} | ${reference} | ${ratio.toFixed(1)} × | ${low.toFixed(1)}–${high.toFixed(1)} | ${goal} × |`);
}
console.log(`\n(checksum ${keptSum().toFixed(0)})`);
