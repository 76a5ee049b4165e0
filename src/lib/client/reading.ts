import { type FoundColours } from '$lib/core/format/any-text';
import { Problem } from '$lib/core/problem';
import { type Ours } from '$lib/study/read-ours';
import { type ReadAnswer, type ReadQuestion } from '$lib/workers/read-files';

/** Texts are read apart from the page, which goes on answering whatever they hold. */
let worker: Worker | null = null;
let last = 0;

function ask(what: ReadQuestion['what'], text: string): Promise<ReadAnswer> {
	worker ??= new Worker(new URL('../workers/read-files.ts', import.meta.url), { type: 'module' });
	const reader = worker;
	const number = ++last;
	return new Promise((done, fail) => {
		const stop = new AbortController();
		const over = { signal: stop.signal };
		reader.addEventListener(
			'message',
			({ data }: MessageEvent<ReadAnswer>) => {
				if (data.number !== number) return;
				stop.abort();
				done(data);
			},
			over
		);
		const failed = () => {
			stop.abort();
			worker = null;
			fail(new Problem('file', 'It could not be read.', 'another text, or another try'));
		};
		reader.addEventListener('error', failed, over);
		reader.postMessage({ number, what, text } satisfies ReadQuestion);
	});
}

const refused = (answer: ReadAnswer): Problem =>
	'message' in answer
		? new Problem('file', answer.message, answer.expected)
		: new Problem('file', 'It could not be read.', 'another text');

/** The colours of any text or file that carries some. @throws Problem `file` */
export async function readColoursApart(text: string): Promise<FoundColours> {
	const answer = await ask('colours', text);
	if ('found' in answer) return answer.found;
	throw refused(answer);
}

/** Any file of ours as JSON. @throws Problem `file` */
export async function readOursApart(text: string): Promise<Ours> {
	const answer = await ask('ours', text);
	if ('ours' in answer) return answer.ours;
	throw refused(answer);
}
