/** The row whose name is being written on the plate, by its id; null while none is. */
export const naming = $state<{ row: string | null }>({ row: null });
