const ENTITIES: Readonly<Record<string, string>> = {
	'&': '&amp;',
	'<': '&lt;',
	'>': '&gt;',
	'"': '&quot;',
	"'": '&#39;'
};

/** A text as it may stand in XML and HTML, between tags and in attributes. */
export const escapeXml = (text: string): string => text.replace(/[&<>"']/g, (sign) => ENTITIES[sign]!);
