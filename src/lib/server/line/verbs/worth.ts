import { readTook, stages } from '../../../core/worth';
import { hoursSchema, paidSchema } from '../../../input/worth';
import { logHours, logPaid } from '../../usecases/worth/log-hours';
import { sending, trouble, type LogVerb } from '../sending';

const told = (head: string, text: string) => () => () => () => ({ head, text });

/** `hours crush 40 min 2`, `hours tend F7 2 h` */
export const hoursVerb: LogVerb = {
	word: 'hours',
	about: 'work',
	examples: [
		{ line: 'hours crush 40 min 2', does: 'minutes at one stage of the work, and how many of you' },
		{ line: 'hours tend F7 2 h', does: 'the same, told of a fire, a lot or a bed' }
	],
	fits: () => false,
	read: ({ rest }, { things }) => {
		const [word = '', ...words] = rest.trim().split(/\s+/);
		const stage = stages.find((one) => one === word.toLowerCase());
		if (!stage) return trouble('line-hours', { stages: stages.join(', ') });
		const text = words.join(' ');
		const of = things.find(({ code }) => startsWith(text, code))?.code ?? '';
		const lasted = text.slice(of.length).trim();
		const took = readTook(lasted);
		if (!took) return trouble('line-hours', { stages: stages.join(', ') });
		const by = took.heads > 1 ? `, ${took.heads} of you` : '';
		return sending(
			{ stage, lasted, ofThing: of },
			() => hoursSchema(),
			logHours,
			told(
				`${took.minutes} min of ${stage}${by}`,
				of === '' ? 'Told of no one thing.' : `Told of ${of}.`
			)
		);
	}
};

const startsWith = (text: string, code: string): boolean =>
	text.toLowerCase().startsWith(`${code.toLowerCase()} `);

/** `paid molasses 3.20` */
export const paidVerb: LogVerb = {
	word: 'paid',
	about: 'cash',
	examples: [{ line: 'paid molasses 3.20', does: 'cash that went out, and what for' }],
	fits: () => false,
	read: ({ rest }) => {
		const [, paidFor = '', paid = ''] = /^(.+?)\s+(\d+(?:[.,]\d{1,2})?)$/.exec(rest.trim()) ?? [];
		if (paidFor === '') return trouble('line-paid');
		return sending(
			{ paidFor, paid, ofThing: '' },
			paidSchema,
			logPaid,
			told(`${paid} for ${paidFor}`, 'Cash out.')
		);
	}
};
