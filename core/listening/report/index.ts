export { missesOf, type NoteMiss, type Side } from './note-misses.ts';
export { type Group, type WeakPlace, weakPlaces } from './weak-places.ts';
