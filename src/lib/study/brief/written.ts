import { Parser, type Node } from 'commonmark';

/** Words in a row, with how they are stressed. */
export interface Span {
	readonly text: string;
	readonly strong: boolean;
	readonly emphasis: boolean;
}

/** A heading, a paragraph, or an item of a list with what stands before it. */
export interface Block {
	readonly kind: 'heading' | 'paragraph' | 'item';
	/** How deep a list or a quotation stands, from 0. */
	readonly depth: number;
	/** "2.", or a point; none but before an item. */
	readonly mark: string;
	readonly spans: readonly Span[];
}

const PLAIN = { strong: false, emphasis: false };

/** Adds words to those before them; to the last span, where they are stressed like it. */
function say(spans: Span[], text: string, how: Omit<Span, 'text'>): void {
	const last = spans.at(-1);
	if (last?.strong === how.strong && last.emphasis === how.emphasis)
		spans[spans.length - 1] = { ...last, text: last.text + text };
	else if (text !== '') spans.push({ text, ...how });
}

/**
 * The words within a block. Links are their words with the address behind, pictures the words for them: nothing is fetched from
 * elsewhere, HTML is its text.
 */
function spansIn(block: Node): Span[] {
	const spans: Span[] = [];
	let [strong, emphasis] = [0, 0];
	const walker = block.walker();
	for (let event = walker.next(); event; event = walker.next()) {
		const { node, entering } = event;
		const how = { strong: strong > 0, emphasis: emphasis > 0 };
		const by = entering ? 1 : -1;
		if (node.type === 'strong') strong += by;
		else if (node.type === 'emph') emphasis += by;
		else if (node.type === 'softbreak' || node.type === 'linebreak') say(spans, ' ', how);
		else if (node.type === 'link' && !entering) say(spans, ` (${node.destination ?? ''})`, how);
		else if (['text', 'code', 'html_inline'].includes(node.type))
			say(spans, (node.literal ?? '').replace(/\s+/g, ' '), how);
	}
	return spans;
}

type Place = Pick<Block, 'depth' | 'mark'>;

function* childrenOf(node: Node): Generator<Node> {
	for (let child = node.firstChild; child; child = child.next) yield child;
}

function blockOf(node: Node, { depth, mark }: Place): Block[] {
	switch (node.type) {
		case 'heading':
			return [{ kind: 'heading', depth: node.level - 1, mark: '', spans: spansIn(node) }];
		case 'paragraph':
			return [{ kind: mark ? 'item' : 'paragraph', depth, mark, spans: spansIn(node) }];
		case 'list':
			return [...childrenOf(node)].flatMap((item, i) => {
				const own = node.listType === 'ordered' ? `${node.listStart + i}.` : '•';
				return blocksIn(item, { depth: mark ? depth + 1 : depth, mark: own });
			});
		case 'code_block':
		case 'html_block':
			return [
				{ kind: 'paragraph', depth, mark: '', spans: [{ ...PLAIN, text: (node.literal ?? '').replace(/\n$/, '') }] }
			];
		default:
			return blocksIn(node, { depth: depth + 1, mark: '' });
	}
}

/** What stands in a node, the first of it behind its mark. */
function blocksIn(node: Node, place: Place): Block[] {
	return [...childrenOf(node)].flatMap((child, i) =>
		blockOf(child, i === 0 || child.type === 'list' ? place : { ...place, mark: '' })
	);
}

/** Deeper than this nobody writes; deeper texts are read as plain paragraphs, because reading them takes long. */
const DEEPEST = 12;
const isDeep = (text: string): boolean =>
	text.split('\n').some((line) => (/^[\s>*+\-\d.)]*/.exec(line)![0].match(/[>*+\-)]|\d\./g)?.length ?? 0) > DEEPEST);

/** More links than this nobody sets either: where each may go on to the end of the text, reading them takes the square of its length. */
const MOST_LINKS = 250;
const hasManyLinks = (text: string): boolean => text.split('](').length - 1 > MOST_LINKS;

const asParagraphs = (text: string): Block[] =>
	text.split(/\n+/).map((line) => ({ kind: 'paragraph', depth: 0, mark: '', spans: [{ ...PLAIN, text: line }] }));

/** A text in CommonMark (0.31) as its headings, paragraphs and items. */
export const writtenBlocks = (text: string): Block[] =>
	isDeep(text) || hasManyLinks(text) ? asParagraphs(text) : blocksIn(new Parser().parse(text), { depth: 0, mark: '' });
