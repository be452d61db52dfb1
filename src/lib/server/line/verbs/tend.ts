import { inLitres } from '../../../core/units';
import { schoolOf, type ReadyCheck } from '../../../core/charging';
import { testSchema } from '../../../input/batch';
import { drainSchema } from '../../../input/fires';
import { say } from '../../../format/figure';
import { drainCharge } from '../../usecases/drain-charge';
import { testCharge } from '../../usecases/test-charge';
import { thingNamed } from '../names';
import { sending, trouble, type LogVerb } from '../sending';

const codeIn = (rest: string) => /^\s*(c\d+)\b/i.exec(rest)?.[1]?.toUpperCase();

/** `drain C7 12 L`: the liquor that was caught; without litres it ran off. */
export const drainVerb: LogVerb = {
	word: 'drain',
	about: 'a soak',
	examples: [{ line: 'drain C6 12 L', does: 'a soak was drained, so much liquor caught' }],
	fits: ({ facts }) => facts?.soaks === 'yes',
	read: ({ rest }) => {
		const code = codeIn(rest);
		if (!code) return trouble('line-which-lot');
		const liquor = rest.trim().slice(code.length).trim();
		return sending(
			liquor === '' ? {} : { liquor },
			(reading) => drainSchema(reading, code),
			drainCharge,
			(books) => {
				const before = new Set(books.brews.inStock().map((lot) => lot.code));
				return () =>
					({ system }) => {
						const caught = books.brews.inStock().find((lot) => !before.has(lot.code));
						return {
							head: `${code} drained`,
							text: caught
								? `${say(inLitres(caught.volume_ul), 'L', system)} of liquor is ${caught.code}: thin it ten times or more, and use it within days.`
								: 'What its char does not hold ran off.'
						};
					};
			}
		);
	}
};

/** Words of a test, by what they tick. */
const checkSigns: Readonly<Record<ReadyCheck, RegExp>> = {
	earthy: /earthy|earth/i,
	'no-ammonia': /no[- ]ammonia|no smell/i,
	sinks: /sinks?|sunk/i,
	'brew-smell': /smells? right|brew/i,
	threads: /threads?|mycel/i,
	sweet: /sweet/i,
	cooled: /cool(ed)?|cold/i,
	'heap-done': /done|finished|ripe/i
};

/** `test C7 sinks`, `test C5 earthy`, `test C7 fails` */
export const testVerb: LogVerb = {
	word: 'test',
	about: 'a charge',
	examples: [{ line: 'test C6 sinks', does: 'what was looked at and is so; or fails' }],
	fits: ({ facts }) => facts?.charges === 'yes',
	read: ({ rest }, names) => {
		const code = codeIn(rest);
		if (!code) return trouble('line-which-lot');
		const said = rest.trim().slice(code.length);
		const school = thingNamed(names, code)?.facts?.school;
		const fails = /\bfail(s|ed)?\b|\bno\b(?!.ammonia)|\bnot\b|\bsour\b|\bfloats?\b/i.test(said);
		const all = /\bpass(es|ed)?\b|\bready\b/i.test(said);
		const checks = Object.entries(checkSigns).flatMap(([check, sign]) =>
			sign.test(said) ? [check] : []
		);
		if (!fails && !all && checks.length === 0) return trouble('line-test', { code });
		const wanted = school ? schoolOf(school as Parameters<typeof schoolOf>[0]).checks : [];
		return sending(
			fails
				? { passed: 'no', checks: checks.join('\n') }
				: all
					? { passed: 'yes', checks: wanted.join('\n') }
					: { passed: 'by-checks', checks: checks.join('\n') },
			(reading, values) => testSchema(reading, code, values, wanted),
			testCharge,
			(books) => () => () => {
				const lot = books.batches.maybeOne(code);
				const last = lot ? books.tests.of(lot.lotId).at(-1) : undefined;
				return last?.passed
					? { head: `${code} passed its test`, text: 'With its date it is ready.' }
					: { head: `${code} has not passed`, text: 'It is not ready, whatever its date says.' };
			}
		);
	}
};
