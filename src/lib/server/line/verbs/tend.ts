import { tendSchema } from '../../input/charging';
import { tendBatch } from '../../usecases/tend-batch';
import { sending, trouble, type ReadVerb } from '../sending';

/** `stir C7`, `turn C5` */
const tending =
	(verb: 'stir' | 'turn'): ReadVerb =>
	({ rest }) => {
		const code = rest.toUpperCase();
		if (!/^\p{L}\d+$/u.test(code)) return trouble('line-which-lot');
		return sending(
			verb,
			{ how: verb === 'stir' ? 'stirred' : 'turned' },
			(reading) => tendSchema(reading, code),
			tendBatch,
			() => () => ({ verb, code })
		);
	};

export const readStir = tending('stir');
export const readTurn = tending('turn');
