import type { Books } from '../../db/books';
import { checkSchema } from '../../input/fires';
import { failingsOf } from '../../../core/fires';
import { proofOf } from '../../questions/standing';
import { checkQuench } from '../../usecases/check-quench';
import { sending, trouble, type ReadVerb } from '../sending';

const most = 4;

/**
 * `check F6 35 32 cold`, `check F6 cold cold warm smoke`, `check F6 14 15 14 air 9`: a probe's figure
 * or a hand for each place, and the air beside it.
 */
export const readCheck: ReadVerb = ({ rest }) => {
	const [, said = '', air = ''] = /^(.*?)(?:\s+air\s+(\S+))?$/i.exec(rest.trim()) ?? [];
	const [typed = '', ...words] = said.split(/\s+/);
	if (!/^f\d+$/i.test(typed)) return trouble('line-which-fire', { typed });
	const code = typed.toUpperCase();
	const places = words.filter((word) => !/^(smoke|white)$/i.test(word));
	if (places.length === 0) return trouble('line-no-places', { code });
	if (places.length > most) return trouble('line-many-places', { most });
	const values: Record<string, string> = {};
	places.forEach((word, i) => {
		const isHand = /^(cold|warm)$/i.test(word);
		values[`${isHand ? 'hand' : 'place'}${i + 1}`] = word.toLowerCase();
	});
	if (air !== '') values.air = air;
	if (words.some((word) => /^smoke$/i.test(word))) values.smoke = 'on';
	if (words.some((word) => /^white$/i.test(word))) values.whiteSpots = 'on';
	return sending(
		'check',
		values,
		(reading) => checkSchema(reading, code),
		checkQuench,
		(books, now_ms) => {
			const before = new Set(known(books, code).map((check) => check.actId));
			return () => {
				const burn = books.burns.maybeOne(code);
				const check = known(books, code).find(({ actId }) => !before.has(actId));
				return {
					verb: 'check',
					code,
					places: places.length,
					failings: check ? failingsOf(check) : [],
					proof: proofOf(books, burn?.id ?? 0, now_ms)
				};
			};
		}
	);
};

function known(books: Books, code: string) {
	const burn = books.burns.maybeOne(code);
	return burn ? books.checks.of(burn.id) : [];
}
