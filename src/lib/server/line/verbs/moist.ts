import { partList } from '../../../core/units';
import { sayWater } from '../../../format/figure';
import { moistureWords } from '../../../format/words';
import { moistureSchema } from '../../../input/woodyard';
import { readMoisture } from '../../usecases/read-moisture';
import { thingNamed } from '../names';
import { askBack, sending, trouble, type LogVerb } from '../sending';

/** `moist S7 19 22 24`, `moist S7 19, 22 and 24`, `moist S7 oven 16`: pin readings unless it says oven. */
export const moistVerb: LogVerb = {
	word: 'moist',
	about: 'read a stack',
	examples: [
		{ line: 'moist S7 19 22 24', does: 'pin readings of a stack; add oven for an oven test' }
	],
	fits: ({ kind }) => kind === 'stack',
	lists: (word) => /^(?:[<>]?\d[\d.–-]*%?|and)$/i.test(word),
	read: ({ rest }, names) => {
		const [, code = '', said = ''] = /^([^\s,:]*)[\s,:]*(.*)$/s.exec(rest) ?? [];
		const parted = partList(said);
		if (parted.status !== 'ok') return askBack(parted);
		const { words } = parted;
		if (code === '') return trouble('line-which-stack');
		const oven = words.some((word) => /^oven$/i.test(word));
		const pieces = words.filter((word) => !/^(oven|pin|and)$/i.test(word)).join(' ');
		if (pieces === '') return trouble('line-which-readings', { code: code.toUpperCase() });
		const lot = code.toUpperCase();
		const method = oven ? 'oven' : 'pin';
		return sending(
			{ method, pieces },
			() => moistureSchema(lot),
			readMoisture,
			(books) => () => () => {
				const stack = books.woodyard.maybeOne(lot);
				const state = stack ? books.woodyard.readings(stack.lotId)[0]?.state : undefined;
				const holds =
					state?.mean === undefined
						? ''
						: `It holds ${sayWater(state.mean, state.bound)} water, wet basis: `;
				return {
					head: `Readings of ${lot} ${thingNamed(names, lot)?.name ?? stack?.name ?? ''}`,
					text: `${holds}${moistureWords[state?.verdict ?? 'unread']}.`
				};
			}
		);
	}
};
