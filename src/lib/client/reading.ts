import { type FoundColours } from '$lib/core/format/any-text';
import { Problem } from '$lib/core/problem';
import { type StudyDocument } from '$lib/study/study';
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

/** A study that was taken away as JSON. @throws Problem `file` */
export async function readStudyApart(text: string): Promise<StudyDocument> {
	const answer = await ask('study', text);
	if ('study' in answer) return answer.study;
	throw refused(answer);
}
