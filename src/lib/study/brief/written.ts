import { type Nodes, type PhrasingContent, type RootContent } from 'mdast';
import { fromMarkdown } from 'mdast-util-from-markdown';

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

/** Links are their words with the address behind, pictures the words for them: nothing is fetched from elsewhere, HTML is its text. */
function spansOf(nodes: readonly PhrasingContent[], how = PLAIN): Span[] {
	return nodes.flatMap((node): Span[] => {
		switch (node.type) {
			case 'strong':
				return spansOf(node.children, { ...how, strong: true });
			case 'emphasis':
				return spansOf(node.children, { ...how, emphasis: true });
			case 'link':
				return [...spansOf(node.children, how), { ...how, text: ` (${node.url})` }];
			case 'image':
				return node.alt ? [{ ...how, text: node.alt }] : [];
			case 'break':
				return [{ ...how, text: ' ' }];
			case 'text':
			case 'inlineCode':
			case 'html':
				return [{ ...how, text: node.value.replace(/\s+/g, ' ') }];
			default:
				return 'children' in node ? spansOf(node.children, how) : [];
		}
	});
}

type Place = Pick<Block, 'depth' | 'mark'>;

function blockOf(node: RootContent, { depth, mark }: Place): Block[] {
	switch (node.type) {
		case 'heading':
			return [{ kind: 'heading', depth: node.depth - 1, mark: '', spans: spansOf(node.children) }];
		case 'paragraph':
			return [{ kind: mark ? 'item' : 'paragraph', depth, mark, spans: spansOf(node.children) }];
		case 'list':
			return node.children.flatMap((item, i) => {
				const own = node.ordered ? `${(node.start ?? 1) + i}.` : '•';
				return blocksIn(item, { depth: mark ? depth + 1 : depth, mark: own });
			});
		case 'code':
		case 'html':
			return [{ kind: 'paragraph', depth, mark: '', spans: [{ ...PLAIN, text: node.value }] }];
		default:
			return blocksIn(node, { depth: depth + 1, mark: '' });
	}
}

/** What stands in a node, the first of it behind its mark. */
function blocksIn(node: Nodes, place: Place): Block[] {
	if (!('children' in node)) return [];
	return (node.children as RootContent[]).flatMap((child, i) =>
		blockOf(child, i === 0 || child.type === 'list' ? place : { ...place, mark: '' })
	);
}

/** Deeper than this nobody writes; deeper texts are read as plain paragraphs, because reading them takes long. */
const DEEPEST = 12;
const isDeep = (text: string): boolean =>
	text.split('\n').some((line) => (/^[\s>*+\-\d.)]*/.exec(line)![0].match(/[>*+\-)]|\d\./g)?.length ?? 0) > DEEPEST);

const asParagraphs = (text: string): Block[] =>
	text.split(/\n+/).map((line) => ({ kind: 'paragraph', depth: 0, mark: '', spans: [{ ...PLAIN, text: line }] }));

/** A text in CommonMark (0.31) as its headings, paragraphs and items. */
export const writtenBlocks = (text: string): Block[] =>
	isDeep(text) ? asParagraphs(text) : blocksIn(fromMarkdown(text), { depth: 0, mark: '' });
