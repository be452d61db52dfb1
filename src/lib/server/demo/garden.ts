import type { Books } from '../db/books';
import { burn } from './burns';
import { chargeAndSpread } from './charges';
import { openDiary } from './diary';
import { firstYear } from './first-year';
import { layOut } from './place';
import { fillStores } from './stock';
import { gather } from './yard';

/**
 * The Quillmere garden, written through the use cases a person uses and counted back from now, so
 * that something is ripe, something is due and something is wrong on whatever day it is shown.
 * Does nothing to books that hold anything.
 */
export function growGarden(books: Books, now_ms: number): void {
	if (books.acts.recent(1).length > 0) return;
	const diary = openDiary(books, now_ms);
	layOut(diary);
	const yard = gather(diary);
	const burnt = burn(diary, books, yard, now_ms);
	const { resting } = chargeAndSpread(diary, books, burnt);
	firstYear(diary, books);
	fillStores(diary, resting);
}
