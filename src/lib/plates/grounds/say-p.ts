/** How strongly a ground works in the model, with a true minus sign. */
export const sayP = (p: number): string => p.toFixed(2).replace('-', '−');
