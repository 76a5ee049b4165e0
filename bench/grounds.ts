import { USUAL_STRENGTHS } from '../src/lib/core/ground/on-ground';
import { candidateGrounds, proposeGrounds } from '../src/lib/core/ground/propose';
import { decodeSrgb } from '../src/lib/core/colour/srgb';
import { readColour } from '../src/lib/core/colour/read';
import { fit } from '../src/lib/core/colour/shown';
import { type Triple } from '../src/lib/core/colour/vector';

/** How long a search for grounds takes, and how near its best comes to the best of every pair of a finer grid. */
const FIGURES = ['#9a8f7d', '#b3392b', '#2f5f86', '#8f9a5b', '#e9dcc0'];
const P = USUAL_STRENGTHS;
const FINE = 10;

const shares = Array.from({ length: FINE }, (_, i) => i / (FINE - 1));
const fine = shares.flatMap((r) => shares.flatMap((g) => shares.map((b): Triple => decodeSrgb([r, g, b]))));

console.log('\n| search for two grounds | time, ms (goal 1000) | apart, of the best of all pairs of 1000 colours |');
console.log('| --- | ---: | ---: |');
for (const code of FIGURES) {
	const figure = fit(readColour(code)).linear;
	const start = performance.now();
	const [best] = proposeGrounds(figure, candidateGrounds('free'), P, 5)!;
	const time = performance.now() - start;
	const [brute] = proposeGrounds(figure, fine, P, 1)!;
	const share = best!.apart / brute!.apart;
	console.log(`| of ${code} | ${time.toFixed(0)} | ${(100 * share).toFixed(1)} % |`);
}
