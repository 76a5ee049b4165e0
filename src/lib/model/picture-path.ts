/** The address of what is kept of a picture. */
export const pathOfPicture = (id: string): string => `/api/images/${id}`;
