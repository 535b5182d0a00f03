import { makeMusicFonts } from './music-fonts.mjs';
import { makePaperFonts } from './paper-fonts.mjs';

await makeMusicFonts();
await makePaperFonts();
