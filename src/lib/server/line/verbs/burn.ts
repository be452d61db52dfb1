import { inLitres } from '../../../core/units';
import { plain, say, sayRange } from '../../../format/figure';
import { burnWords } from '../../../format/words';
import { charOfSchema, waterSchema } from '../../../input/after-burn';
import { planSchema } from '../../../input/fires';
import { outcomeOf } from '../../questions/own';
import { planBurn } from '../../usecases/plan-burn';
import { noteWater, recordPlanned } from '../../usecases/quench-water';
import { leadingName, namesOfKind } from '../names';
import { sending, trouble, type LogVerb } from '../sending';

const code = (text: string) => /^f\d+\b/i.exec(text.trim())?.[0].toUpperCase();

/** Stacks with what of each goes in: `S2 8 barrows S5 all`. */
function loadsOf(text: string): Record<string, string> {
	const values: Record<string, string> = {};
	const codes: string[] = [];
	for (const [, stack = '', amount = ''] of text.matchAll(
		/(s\d+)\b[,:]?\s*(.*?)(?=\s*,?\s*\bs\d+\b|$)/gi
	)) {
		const name = stack.toUpperCase();
		codes.push(name);
		const part = amount
			.replace(/[,]$/, '')
			.replace(/\s+and$/i, '')
			.trim();
		if (part !== '' && !/^all$/i.test(part)) values[`part-${name}`] = part;
	}
	return { ...values, loads: codes.join('\n') };
}

/** `burn Lantern S2 8 barrows S5 all`: loaded, its char still to come. */
export const burnVerb: LogVerb = {
	word: 'burn',
	about: 'load a vessel',
	examples: [
		{
			line: 'burn Lantern S2 8 barrows S5 all',
			does: 'a fire set down with its load; its char later'
		}
	],
	fits: ({ kind }) => kind === 'vessel',
	read: ({ rest }, names) => {
		const vessel = leadingName(rest, namesOfKind(names, 'vessel'));
		if (!vessel || !/\bs\d+\b/i.test(vessel.rest)) return trouble('line-burn');
		return sending(
			{ vessel: vessel.name, ...loadsOf(vessel.rest) },
			planSchema,
			(books, now_ms, envelope, input) =>
				planBurn(books, now_ms, envelope, { ...input, plannedFor_ms: envelope.happenedAt_ms }),
			(books) =>
				(path) =>
				({ system }) => {
					const burn = books.burns.maybeOne(path.split('/').at(-1) ?? '');
					const told = burn?.plan?.figures.told;
					const loads = burn?.plan?.loads ?? [];
					return {
						head: `${burn?.code ?? 'A fire'} in ${vessel.name}`,
						text: told
							? `Loaded with ${loads.map((load) => `${load.all ? 'all' : say(inLitres(load.volume_ul), 'L', system)} of ${load.code}`).join(', ')}. Expect ${sayRange(told.char, system)} of char; have ${say(told.water.value, 'L', system)} of water. Then write char ${burn?.code ?? ''} and how much came out.`
							: ''
					};
				}
		);
	}
};

/** `char F8 6 tubs`, `char F8 240 L drained` */
export const charVerb: LogVerb = {
	word: 'char',
	about: 'what a fire gave',
	examples: [{ line: 'char F7 6 grey tubs', does: 'what came out of a fire that was set down' }],
	fits: ({ kind, facts }) => kind === 'burn' && facts?.state === 'planned',
	read: ({ rest, reason }) => {
		const burn = code(rest);
		if (!burn) return trouble('line-which-fire', { typed: rest.split(/\s+/)[0] ?? '' });
		const said = rest.trim().slice(burn.length).trim();
		const [, amount = '', wet = ''] = /^(.*?)(?:\s+(dry|drained|wet))?$/i.exec(said) ?? [];
		if (amount === '') return trouble('line-how-much', { code: burn });
		const wetness = wet === '' || /^wet$/i.test(wet) ? 'quench-wet' : wet.toLowerCase();
		return sending(
			{ char: amount, wetness, reason },
			(reading) => charOfSchema(reading, burn),
			recordPlanned,
			(books) =>
				() =>
				({ system }) => {
					const record = books.burns.maybeOne(burn)?.record;
					if (!record) return { head: burn, text: '' };
					const outcome = outcomeOf(record);
					return {
						head: `${burn} gave ${say(record.charLitres, 'L', system)} of char`,
						text: `It is ${record.charCode}, ${say(outcome.massYield, 'share', system)} of the dry wood: ${burnWords[outcome.verdict]}. It counts as hot until three places pass.`
					};
				}
		);
	}
};

/** `water F8 2 fills`, `water F8 hose 12 min`, `water F8 hose 12 min at 11 L`, `water F8 180 L` */
export const waterVerb: LogVerb = {
	word: 'water',
	about: 'what a quench took',
	examples: [
		{ line: 'water F6 hose 12 min at 11 L', does: 'the water of a quench, by hose or by litres' }
	],
	fits: ({ kind, facts }) => kind === 'burn' && facts?.state !== 'planned',
	read: ({ rest }) => {
		const burn = code(rest);
		if (!burn) return trouble('line-which-fire', { typed: rest.split(/\s+/)[0] ?? '' });
		const said = rest
			.trim()
			.slice(burn.length)
			.replace(/^[\s,:]+/, '');
		const hose =
			/^(?:hose|hosed)\s+(\S+)\s*(?:min(?:ute)?s?)?(?:\s*(?:at|@|,)\s*(.+?)(?:\s*(?:\/|a|per)\s*min(?:ute)?)?)?$/i.exec(
				said
			);
		const fills = /^(\S+)\s+(?:fill|filling|flood)(?:s|ings)?$/i.exec(said);
		if (said === '') return trouble('line-how-much', { code: burn });
		const values: Record<string, string> = fills
			? { fills: fills[1] ?? '' }
			: hose
				? { hoseMinutes: hose[1] ?? '', hoseRate: hose[2] ?? '' }
				: { water: said };
		return sending(
			values,
			(reading, sent) => waterSchema(reading, burn, sent),
			noteWater,
			(books) =>
				() =>
				({ system }) => {
					const record = books.burns.maybeOne(burn)?.record;
					const used = record?.water_l ?? 0;
					const each = record && record.charLitres > 0 ? used / record.charLitres : 0;
					return {
						head: `${burn} took ${say(used, 'L', system)} of water`,
						text: `${plain(each, 1)} times the volume of its char.`
					};
				}
		);
	}
};
