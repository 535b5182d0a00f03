import { expose } from 'comlink';
import { readScore } from '../../../files/foreign/index.ts';

/** Reads scores apart from the page, because a large one takes a second. */
expose({ readScore });
