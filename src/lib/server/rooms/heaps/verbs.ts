import { inLitres } from '../../../core/units';
import { say } from '../../../format/figure';
import { capital } from '../../../format/words';
import { addSchema, heapSchema, liftSchema } from '../../../input/heaps';
import { leadingLot, thingNamed, type Names } from '../../line/names';
import { sending, trouble, type LogVerb, type Understood } from '../../line/sending';
import { liftHeap } from '../../usecases/heaps/lift-heap';
import { addToHeap, startHeap } from '../../usecases/heaps/start-heap';

/** Words for what is laid, as people say them. */
const said: readonly (readonly [RegExp, string])[] = [
	[/^grass|clippings$/, 'grass'],
	[/^straw$/, 'straw'],
	[/^leaves$/, 'autumn-leaves'],
	[/^scraps$/, 'kitchen-scraps'],
	[/^weeds$/, 'weeds'],
	[/^coffee|grounds$/, 'coffee-grounds'],
	[/^chips$/, 'wood-chips'],
	[/^cardboard$/, 'cardboard'],
	[/^manure$/, 'stable-manure'],
	[/^litter$/, 'poultry-litter'],
	[/^urine$/, 'urine'],
	[/^water$/, 'rain-water'],
	[/^compost$/, 'finished-compost']
];

const stuffOf = (word: string): string | undefined =>
	/^[a-z]\d+$/i.test(word)
		? `lot:${word.toUpperCase()}`
		: said.find(([sign]) => sign.test(word.toLowerCase()))?.[1];

/** "3 barrows straw 2 barrows of grass" as lines of the form; undefined where a word has no place in it. */
export function laidIn(text: string): Readonly<Record<string, string>> | undefined {
	const values: Record<string, string> = {};
	let row = 1;
	let amount: string[] = [];
	for (const word of text.split(/[\s,+]+/).filter(Boolean)) {
		const stuff = stuffOf(word);
		if (stuff && amount.length > 0) {
			values[`stuff${row}`] = stuff;
			values[`part${row}`] = amount.filter((one) => one.toLowerCase() !== 'of').join(' ');
			row += 1;
			amount = [];
		} else amount.push(word);
	}
	return row > 1 && amount.length === 0 && row <= 9 ? values : undefined;
}

/** A heap by its code or its corner, and what stands after it. */
function heapIn(
	rest: string,
	names: Names
): { readonly code: string; readonly rest: string } | undefined {
	const [, code = '', after = ''] = /^(h\d+)[,:]?(?:\s+(.*))?$/isu.exec(rest.trim()) ?? [];
	if (code !== '') return { code: code.toUpperCase(), rest: after };
	return leadingLot(rest, names, ['heap']);
}

function adding(code: string, values: Readonly<Record<string, string>>): Understood {
	return sending(
		values,
		(reading) => addSchema(reading, code, values),
		addToHeap,
		(books) =>
			() =>
			({ system }) => {
				const { name, volume_ul } = books.ledger.lot(code);
				return {
					head: `${code} ${name} grew`,
					text: `${say(inLitres(volume_ul), 'L', system)} were laid in all; what lies sinks.`
				};
			}
	);
}

/** The corner before the first amount, and what is laid there. */
const cornerIn = (rest: string) =>
	/^(.*?)\s+((?:\d|a\s|an\s|half\s|[½¼¾]).*)$/isu.exec(rest.trim());

export const heapVerb: LogVerb = {
	word: 'heap',
	about: 'a heap',
	examples: [
		{
			line: 'heap Kiln yard 3 barrows straw 2 barrows grass',
			does: 'stuff laid in a corner; onto what lies there, where something does'
		}
	],
	fits: ({ kind }) => kind === 'heap',
	read: ({ rest }, names) => {
		const there = heapIn(rest, names);
		const [, corner = '', laid = ''] = there ? ['', '', there.rest] : (cornerIn(rest) ?? []);
		const values = laidIn(laid);
		if (!values || (!there && corner === '')) return trouble('line-heap', { words: rest });
		if (there) return adding(there.code, values);
		const all = { heapWay: 'compost', name: capital(corner.trim()), ...values };
		return sending(
			all,
			(reading) => heapSchema(reading, all),
			startHeap,
			() => () => () => ({
				head: `A heap is begun at ${all.name}`,
				text: 'Say on its page how wide it is, and it tells how it sinks.'
			})
		);
	}
};

/** `leaves Boathouse +2 barrows`: more leaves in a hoop. */
export const leavesVerb: LogVerb = {
	word: 'leaves',
	about: 'a leaf hoop',
	examples: [{ line: 'leaves Boathouse +2 barrows', does: 'so many leaves more in a hoop' }],
	fits: ({ kind, facts }) => kind === 'heap' && facts?.way === 'leaf-mould',
	read: ({ rest }, names) => {
		const there = heapIn(rest, names);
		if (!there) return trouble('line-heap', { words: rest });
		const amount = there.rest.replace(/^\+\s*/, '').trim();
		if (amount === '') return trouble('line-heap', { words: rest });
		return adding(there.code, { stuff1: 'autumn-leaves', part1: amount });
	}
};

/** `lift H2 120 L`, `lift Lane end half 90 L`: what came off, as measured. */
export const liftVerb: LogVerb = {
	word: 'lift',
	about: 'a heap',
	examples: [
		{
			line: 'lift H2 120 L',
			does: 'what came off a heap, measured; all of it unless a part is said'
		}
	],
	fits: ({ kind }) => kind === 'heap',
	read: ({ rest }, names) => {
		const there = heapIn(rest, names);
		if (!there) return trouble('line-heap', { words: rest });
		const [, part = '', lifted = ''] =
			/^((?:half|all|a third|a quarter|[\d.,]+ ?%)(?: of it)?)\s+(.+)$/i.exec(
				there.rest.trim()
			) ?? ['', '', there.rest.trim()];
		return sending(
			{ taken: part, lifted },
			(reading) => liftSchema(reading, there.code),
			liftHeap,
			(books) =>
				(path) =>
				({ system }) => {
					const code = path.slice(path.lastIndexOf('/') + 1);
					const lot = books.ledger.maybeLot(code);
					return {
						head: `${lot ? say(inLitres(lot.volume_ul), 'L', system) : lifted} came off ${there.code}`,
						text: `It is ${code} now, with what went in less what rotted away.`
					};
				}
		);
	}
};

/** `feed worms 4 L scraps`: of what is fed in corners; brews are fed by their room. */
export const feedsHeap = (rest: string, names: Names): Understood | undefined => {
	const text = rest.replace(/^worms\b/i, () => {
		const beds = names.things.filter(
			({ kind, facts }) => kind === 'heap' && facts?.way === 'worms'
		);
		return beds.length === 1 ? beds[0]!.code : 'worms';
	});
	const there = heapIn(text, names);
	if (!there || thingNamed(names, there.code)?.kind !== 'heap') return undefined;
	const values = laidIn(there.rest);
	return values ? adding(there.code, values) : trouble('line-heap', { words: rest });
};
