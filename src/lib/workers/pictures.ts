import { expose } from 'comlink';
import { PictureWork } from './picture-work';

expose(new PictureWork());
