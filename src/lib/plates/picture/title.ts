import { type PicturePlate } from './schema';

/** What a picture plate is called until somebody writes a title: as its picture is. */
export const titleOfPicture = ({ picture }: PicturePlate): string => picture.name;
