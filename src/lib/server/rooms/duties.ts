import { settingsOf } from '../questions/settings';
import { remembering } from '../questions/remember';
import { rooms } from '.';
import { standings, type Count, type Duty } from './room';

/** What things want or come to, from every room; the most pressing first. Every page asks it. */
export const dutiesOf = remembering((books, now_ms): readonly Duty[] => {
	const { timeZone, system } = settingsOf(books);
	const saying = { almanac: { timeZone, now_ms }, system };
	const all = rooms.flatMap(({ duties }) => duties?.(books, now_ms, saying) ?? []);
	return [...all].sort((a, b) => rank(a) - rank(b));
});

const rank = ({ is, isNeverLeft }: Duty) => (isNeverLeft ? -1 : standings.indexOf(is));

/** What stands beside the rooms on the path: what is wrong, and each room's own count. */
export const countsOf = remembering((books, now_ms): readonly Count[] => {
	const wrong = dutiesOf(books, now_ms).filter(({ is }) => is === 'wrong');
	return [
		{ href: '/', n: wrong.length, word: 'wrong' },
		...rooms.flatMap(({ counts }) => (counts ? [counts(books, now_ms)] : []))
	].filter(({ n }) => n > 0);
});
