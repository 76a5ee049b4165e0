import { candidateGrounds, proposeGrounds, type GroundSearch, type Proposal } from '$lib/core/ground/propose';
import { type Strengths } from '$lib/core/ground/on-ground';
import { type Triple } from '$lib/core/colour/vector';

/** What is asked: a figure (linear sRGB), where to look, and how strongly grounds work in the model. */
export interface GroundQuestion {
	readonly figure: Triple;
	readonly search: GroundSearch;
	/** The grounds of a palette, where one is searched. */
	readonly palette: readonly Triple[];
	readonly strengths: Strengths;
	readonly most: number;
}

export type GroundAnswer =
	| { readonly kind: 'progress'; readonly share: number }
	| { readonly kind: 'done'; readonly proposals: readonly Proposal[] }
	| { readonly kind: 'failed'; readonly words: string };

const answer = (message: GroundAnswer): void => postMessage(message);

addEventListener('message', ({ data }: MessageEvent<GroundQuestion>) => {
	const { figure, search, palette, strengths, most } = data;
	try {
		const grounds = search === 'palette' ? palette : candidateGrounds(search);
		const proposals = proposeGrounds(figure, grounds, strengths, most, (share) => {
			answer({ kind: 'progress', share });
			return true;
		});
		answer({ kind: 'done', proposals: proposals ?? [] });
	} catch (error) {
		answer({ kind: 'failed', words: error instanceof Error ? error.message : 'The search failed.' });
	}
});
