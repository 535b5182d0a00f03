import { makeMusicFonts } from './music-fonts.mjs';

await makeMusicFonts();
