import { tendSchema } from '../../../input/charging';
import { tendBatch } from '../../usecases/tend-batch';
import { sending, trouble, type LogVerb } from '../sending';

/** `stir C7`, `turn C5` */
const tending = (
	word: 'stir' | 'turn',
	how: 'stirred' | 'turned',
	example: LogVerb['examples'][number]
): LogVerb => ({
	word,
	about: 'a batch',
	examples: [example],
	fits: ({ facts }) => facts?.works === 'yes',
	read: ({ rest }) => {
		const code = rest.toUpperCase();
		if (!/^\p{L}\d+$/u.test(code)) return trouble('line-which-lot');
		return sending(
			{ how },
			(reading) => tendSchema(reading, code),
			tendBatch,
			() => () => () => ({ head: `${code} ${how}`, text: 'Kept with its time.' })
		);
	}
});

export const stirVerb = tending('stir', 'stirred', {
	line: 'stir C6',
	does: 'a soak was stirred'
});
export const turnVerb = tending('turn', 'turned', { line: 'turn C5', does: 'a batch was turned' });
