import { moistureSchema } from '../../input/woodyard';
import { readMoisture } from '../../usecases/read-moisture';
import { sending, trouble, type ReadVerb } from '../sending';

/** `moist S7 19 22 24`, `moist S7 oven 16`: pin readings unless it says oven. */
export const readMoist: ReadVerb = ({ rest }, names) => {
	const [code = '', ...words] = rest.split(/\s+/);
	if (code === '') return trouble('line-which-stack');
	const oven = words.some((word) => /^oven$/i.test(word));
	const pieces = words.filter((word) => !/^(oven|pin)$/i.test(word)).join(' ');
	if (pieces === '') return trouble('line-which-readings', { code: code.toUpperCase() });
	const lot = code.toUpperCase();
	const method = oven ? 'oven' : 'pin';
	return sending(
		'moist',
		{ method, pieces },
		() => moistureSchema(lot),
		readMoisture,
		(books) => () => {
			const stack = books.woodyard.maybeOne(lot);
			return {
				verb: 'moist',
				code: lot,
				name: names.lots.find((known) => known.code === lot)?.name ?? stack?.name ?? '',
				state: stack ? books.woodyard.readings(stack.lotId)[0]?.state : undefined
			};
		}
	);
};
