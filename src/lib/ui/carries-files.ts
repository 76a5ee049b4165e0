/** Whether files are being dragged: one that is dropped is never opened in the page's place. */
export const carriesFiles = ({ dataTransfer }: DragEvent): boolean => dataTransfer?.types.includes('Files') ?? false;
