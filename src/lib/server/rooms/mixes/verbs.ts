import { inLitres } from '../../../core/units';
import { say } from '../../../format/figure';
import { capital } from '../../../format/words';
import { mixSchema, potSchema } from '../../../input/mixes';
import { stockSchema } from '../../../input/stock';
import { leadingLot, type Names } from '../../line/names';
import { sending, trouble, type LogVerb } from '../../line/sending';
import { stockUp } from '../../usecases/bring-in';
import { mixUp } from '../../usecases/mixes/mix-up';
import { potUp } from '../../usecases/mixes/pot-up';

/** What is bought or mixed, as people say it; longer names first. */
const said: readonly (readonly [sign: RegExp, material: string])[] = [
	[/^seed meal$/, 'seed-meal'],
	[/^feather(?: meal)?$/, 'feather-meal'],
	[/^horn(?: meal)?$/, 'horn-meal'],
	[/^seaweed(?: meal)?$/, 'seaweed-meal'],
	[/^bone(?: meal)?$/, 'bone-meal'],
	[/^rock phosphate|phosphate rock$/, 'phosphate-rock'],
	[/^glauconite(?: sand)?$/, 'glauconite-sand'],
	[/^rock dust$/, 'rock-dust'],
	[/^(?:garden )?lime|limestone$/, 'ground-limestone'],
	[/^(?:fine )?bark$/, 'fine-bark'],
	[/^grit$/, 'grit'],
	[/^sand$/, 'sand'],
	[/^perlite$/, 'perlite'],
	[/^(?:worm )?castings$/, 'castings'],
	[/^leaf mould$/, 'leaf-mould'],
	[/^compost$/, 'finished-compost'],
	[/^leaves$/, 'autumn-leaves'],
	[/^straw$/, 'straw'],
	[/^(?:wood )?chips$/, 'wood-chips'],
	[/^grass|clippings$/, 'grass'],
	[/^weeds$/, 'weeds'],
	[/^scraps$/, 'kitchen-scraps'],
	[/^soil|loam$/, 'garden-soil'],
	[/^manure$/, 'stable-manure']
];

export const materialSaid = (words: string): string | undefined =>
	said.find(([sign]) => sign.test(words.trim().toLowerCase()))?.[1];

/** A stuff by its words, a lot by its code or its name. */
function stuffSaid(words: string, names: Names): string | undefined {
	const text = words.replace(/^of\s+/i, '').trim();
	if (/^[a-z]\d+$/i.test(text)) return `lot:${text.toUpperCase()}`;
	const material = materialSaid(text);
	if (material) return material;
	const lot = leadingLot(text, names, ['stock', 'ash', 'mix']);
	return lot && lot.rest === '' ? `lot:${lot.code}` : undefined;
}

/** "3 kg bone meal 2 kg M31": each amount begins with a number. */
export function partsSaid(
	text: string,
	names: Names
): Readonly<Record<string, string>> | undefined {
	const pieces = text.split(/\s+(?=(?:\d|half\s|[½¼¾]))/iu).filter(Boolean);
	const values: Record<string, string> = {};
	for (const [i, piece] of pieces.entries()) {
		const words = piece.split(/\s+/);
		// An amount is one word or two: what is left names the stuff.
		const found = [2, 1, 3].flatMap((n) => {
			const stuff = stuffSaid(words.slice(n).join(' '), names);
			return stuff ? [{ stuff, amount: words.slice(0, n).join(' ') }] : [];
		})[0];
		if (!found) return undefined;
		values[`stuff${i + 1}`] = found.stuff;
		values[`part${i + 1}`] = found.amount;
	}
	return pieces.length > 0 && pieces.length <= 8 ? values : undefined;
}

const named = (rest: string) => /^(.*?)\s+((?:\d|half\s|[½¼¾]).*)$/isu.exec(rest.trim());

export const blendVerb: LogVerb = {
	word: 'blend',
	about: 'a mix',
	examples: [
		{
			line: 'blend Spring mix 3 kg bone meal 2 kg seed meal',
			does: 'parts mixed into a lot; each amount before its stuff'
		}
	],
	fits: ({ kind }) => kind === 'stock',
	read: ({ rest }, names) => {
		const [, name = '', parts = ''] = named(rest) ?? [];
		const values = partsSaid(parts, names);
		if (!values || name === '') return trouble('line-mix', { words: rest });
		const all = { mixUse: 'feed', name: capital(name.trim()), ...values };
		return sending(
			all,
			(reading) => mixSchema(reading, all),
			mixUp,
			(books) =>
				(path) =>
				({ system }) => {
					const lot = books.ledger.maybeLot(path.slice(path.lastIndexOf('/') + 1));
					return {
						head: `${lot?.code ?? ''} ${all.name} is mixed`,
						text: lot
							? `${say(inLitres(lot.volume_ul), 'L', system)} of it; its page says what it is and how far it goes.`
							: ''
					};
				}
		);
	}
};

/** A mix by its code or its name, and what stands after it. */
function mixIn(rest: string, names: Names) {
	const [, code = '', after = ''] = /^(x\d+)\s+(.*)$/isu.exec(rest.trim()) ?? [];
	return code === '' ? leadingLot(rest, names, ['mix']) : { code: code.toUpperCase(), rest: after };
}

/** `pot X1 24 x 9 cm`, with the pots of the books after `>`. */
export const potVerb: LogVerb = {
	word: 'pot',
	about: 'a mix',
	examples: [{ line: 'pot X2 24 x 9 cm', does: 'so many round pots of a width filled from a mix' }],
	fits: ({ kind }) => kind === 'mix',
	read: ({ rest }, names) => {
		const there = mixIn(rest, names);
		const [, pots = '', top = '', onto = ''] =
			/^(\d+)\s*[x×]\s*([^>]+?)(?:\s*>\s*(.+))?$/iu.exec(there?.rest ?? '') ?? [];
		if (!there || pots === '') return trouble('line-pot', { words: rest });
		return sending(
			{ pots, shape: 'round', top, onto },
			(reading) => potSchema(reading, there.code),
			potUp,
			(books) =>
				() =>
				({ system }) => ({
					head: `${pots} pots are filled from ${there.code}`,
					text: `${say(inLitres(books.ledger.lot(there.code).volume_ul), 'L', system)} of it are left.`
				})
		);
	}
};

/** `bag compost 3 x 50 L 7.50`: bought, what one bag cost at the end. */
export const bagVerb: LogVerb = {
	word: 'bag',
	about: 'stock',
	examples: [
		{ line: 'bag compost 3 x 50 L 7.50', does: 'bags that were bought, and what one cost' }
	],
	fits: () => false,
	read: ({ rest }) => {
		const [, what = '', bags = '1', amount = '', price = ''] =
			/^(.*?)\s+(?:(\d+)\s*[x×]\s*)?(\d[\d.,]*\s*[a-zé]+\d?)(?:\s+(?:at\s+)?([\d.,]+))?$/iu.exec(
				rest.trim()
			) ?? [];
		const material = materialSaid(what);
		if (!material) return trouble('line-bag', { words: rest });
		return sending(
			{ material, amount, bags, bagPrice: price, name: '' },
			stockSchema,
			stockUp,
			(books) =>
				(path) =>
				({ system }) => {
					const code = path.slice(path.lastIndexOf('/') + 1);
					const lot = books.ledger.maybeLot(code);
					return {
						head: `${code}: ${lot ? say(inLitres(lot.volume_ul), 'L', system) : ''} of ${what} came in`,
						text: price === '' ? 'Without a price.' : 'Its price goes into every blend it is in.'
					};
				}
		);
	}
};

/** `came leaves 4 barrows`: one’s own, or given. */
export const cameVerb: LogVerb = {
	word: 'came',
	about: 'stock',
	examples: [{ line: 'came leaves 4 barrows', does: 'something brought in and held in stock' }],
	fits: () => false,
	read: ({ rest }) => {
		const [, what = '', amount = ''] = named(rest) ?? [];
		const material = materialSaid(what);
		if (!material) return trouble('line-bag', { words: rest });
		return sending(
			{ material, amount, name: '' },
			stockSchema,
			stockUp,
			(books) =>
				(path) =>
				({ system }) => {
					const code = path.slice(path.lastIndexOf('/') + 1);
					const lot = books.ledger.maybeLot(code);
					return {
						head: `${code}: ${lot ? say(inLitres(lot.volume_ul), 'L', system) : amount} of ${what} came in`,
						text: 'What becomes of it, by when: Mixes says.'
					};
				}
		);
	}
};
