/** How light the board is, from white to black. Every colour looks different on each. */
export const BOARDS = ['white', 'light', 'middle', 'dark', 'black'] as const;
export type Board = (typeof BOARDS)[number];

export const BOARD_COLOURS: Readonly<Record<Board, string>> = {
	white: '#ffffff',
	light: '#c8c8c8',
	middle: '#797979',
	dark: '#303030',
	black: '#000000'
};

/** The name under which a browser remembers it. */
export const BOARD_COOKIE = 'board';

export const isBoard = (text: string | undefined): text is Board => BOARDS.some((board) => board === text);
