import { inLitres } from '../../../core/units';
import { left, standingLot, utc } from '../../keeping/sheet-sql';
import { mixesInStock } from '../../questions/mixes';
import type { Room } from '../room';
import { growMixes, workMixes } from './demo';
import { bagVerb, blendVerb, cameVerb, potVerb } from './verbs';

/** Under so much of what was mixed it is low. */
export const low = 1 / 4;

export const mixes: Room = {
	id: 'mixes',
	verbs: [blendVerb, potVerb, bagVerb, cameVerb],
	counts: (books) => ({
		href: '/mixes',
		n: mixesInStock(books).filter(({ volume_ul, made_l }) => inLitres(volume_ul) < made_l * low)
			.length,
		word: 'low'
	}),
	sheets: {
		mixes: `SELECT l.code, l.name, ${utc('a.happened_at_ms')} AS mixed_at_utc, a.person, json_extract(f.found_json, '$.use') AS use, ${left}
			FROM stock x ${standingLot} JOIN finding f ON f.thing_id = l.id AND f.what = 'mixed' WHERE l.kind = 'mix' ORDER BY l.id`,
		bags: `SELECT l.code, l.name, ${utc('a.happened_at_ms')} AS bought_at_utc, a.person, json_extract(f.found_json, '$.bags') AS bags, json_extract(f.found_json, '$.price') AS price_of_one, ${left}
			FROM stock x ${standingLot} JOIN finding f ON f.thing_id = l.id AND f.what = 'bought' ORDER BY l.id`
	},
	grow: growMixes,
	work: workMixes
};
