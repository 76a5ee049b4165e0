/** The drawings that ship, by their names. */
export const SHIPPED_DRAWINGS = ['lozenges', 'leaves', 'landscape', 'still-life', 'lettering'] as const;
export type ShippedDrawing = (typeof SHIPPED_DRAWINGS)[number];
